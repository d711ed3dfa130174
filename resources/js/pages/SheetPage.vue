<script setup lang="ts">
import { onMounted, ref, watch } from 'vue'
import TopBar from '@/components/TopBar.vue'
import type { Sheet } from '@/contract/sheet'
import { api, ApiError } from '@/lib/api'
import SheetPaper from '@/sheet/SheetPaper.vue'

const props = defineProps<{ id: number }>()
const sheet = ref<Sheet | null>(null)
const fault = ref('')
const full = ref(true)
const paper = ref<'A4' | 'Letter'>('A4')

async function load(): Promise<void> {
    try {
        sheet.value = await api<Sheet>('GET', `members/${props.id}/sheet?full=${full.value ? 1 : 0}`)
        fault.value = ''
    } catch (e) {
        fault.value = e instanceof ApiError ? e.message : String(e)
    }
}
onMounted(load)
watch(full, load)
</script>

<template>
    <div class="flex h-full flex-col print:block">
        <TopBar class="print:hidden">
            <span class="text-rule">/</span>
            <RouterLink class="underline decoration-rule underline-offset-4" :to="`/members/${id}`"
                >Back to the bench</RouterLink
            >
            <template #right>
                <select v-model="full" class="field w-auto!" aria-label="Extent">
                    <option :value="true">full sheet</option>
                    <option :value="false">brief sheet</option>
                </select>
                <select v-model="paper" class="field w-auto!" aria-label="Paper">
                    <option>A4</option>
                    <option>Letter</option>
                </select>
                <a
                    class="action py-0.5!"
                    :href="`/api/members/${id}/sheet.pdf?full=${full ? 1 : 0}&paper=${paper}`"
                    target="_blank"
                    >PDF</a
                >
            </template>
        </TopBar>
        <main
            class="min-h-0 grow overflow-auto bg-shade py-6 print:overflow-visible print:bg-white print:p-0"
            tabindex="0"
            aria-label="Sheet"
        >
            <p v-if="fault" class="mx-auto max-w-md" role="alert">
                {{ fault }} Mend it on the bench; the sheet follows.
            </p>
            <div
                v-else-if="sheet"
                class="mx-auto bg-white px-[18mm] py-[14mm] print:w-auto! print:p-0"
                :class="paper === 'A4' ? 'w-[210mm]' : 'w-[216mm]'"
            >
                <SheetPaper :sheet="sheet" />
            </div>
        </main>
    </div>
</template>
