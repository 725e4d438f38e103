<template>
  <main class="page">
    <h1>My sign-in</h1>
    <p class="lead">
      Your password signs you in; your PIN confirms a signature on a shared tablet, without signing the tablet out. Nobody can read
      either, the safety lead included, and nobody but you sets them.
    </p>
    <div class="two">
      <PersonOwnSecret kind="pin" />
      <PersonOwnSecret kind="password" />
    </div>
    <PersonDevices of="me" />
    <PersonOwnMask />
  </main>
</template>

<style scoped>
.two {
  display: grid;
  grid-template-columns: repeat(auto-fit, minmax(280px, 1fr));
  gap: 0 32px;
  max-width: 860px;
}
</style>
