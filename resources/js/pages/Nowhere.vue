<template>
    <main class="mx-auto max-w-md p-16">
        <h1 class="font-serif text-2xl">There is nothing at this address</h1>
        <p class="mt-2"><RouterLink class="underline" to="/jobs">To the jobs of your office</RouterLink></p>
    </main>
</template>
