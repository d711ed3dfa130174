<template>
    <RouterView />
</template>
