import { createRouter, createWebHistory } from 'vue-router'
import { session } from '@/lib/session'

export const router = createRouter({
    history: createWebHistory(),
    routes: [
        { path: '/', name: 'sign-in', component: () => import('@/pages/SignIn.vue'), meta: { open: true } },
        { path: '/jobs', name: 'jobs', component: () => import('@/pages/Jobs.vue') },
        {
            path: '/jobs/:job(\\d+)',
            name: 'job',
            component: () => import('@/pages/Job.vue'),
            props: (r) => ({ id: Number(r.params.job) }),
        },
        {
            path: '/members/:member(\\d+)',
            name: 'bench',
            component: () => import('@/pages/Bench.vue'),
            props: (r) => ({ id: Number(r.params.member) }),
        },
        {
            path: '/members/:member(\\d+)/sheet',
            name: 'sheet',
            component: () => import('@/pages/SheetPage.vue'),
            props: (r) => ({ id: Number(r.params.member) }),
        },
        { path: '/account', name: 'account', component: () => import('@/pages/AccountPage.vue') },
        { path: '/tools/:name?', name: 'tools', component: () => import('@/pages/ToolsPage.vue') },
        { path: '/:rest(.*)*', name: 'nowhere', component: () => import('@/pages/Nowhere.vue'), meta: { open: true } },
    ],
})

router.beforeEach(async (to) => {
    const { user } = await session.load()
    if (!to.meta.open && !user) return { name: 'sign-in', query: { to: to.fullPath } }
    if (to.name === 'sign-in' && user) return { name: 'jobs' }
    return true
})
