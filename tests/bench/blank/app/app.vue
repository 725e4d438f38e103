<template>
  <UApp>
    <h1>Zonaris</h1>
  </UApp>
</template>
