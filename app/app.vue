<template>
  <UApp
    :toaster="null"
    :tooltip="undefined"
  >
    <NuxtLayout>
      <NuxtPage />
    </NuxtLayout>
  </UApp>
</template>
