<template><h1>Zonaris</h1></template>
