import { useDebounceFn, useEventListener } from '@vueuse/core'
import { computed, reactive, ref, shallowRef, toRaw, watch } from 'vue'
import type { BasisDocument, MemberDocument } from '@/contract/member'
import type { Result, VerdictResult } from '@/contract/result'
import { api, ApiError } from '@/lib/api'
import { History } from '@/lib/history'
import type { UnitSystem } from '@/lib/units'

export type SaveState = 'saved' | 'unsaved' | 'saving' | 'away' | 'conflict' | 'refused'

interface Loaded {
    id: number
    revision: number
    document: MemberDocument
    job: { id: number; name: string; basis: BasisDocument }
}
interface Kept {
    revision: number
    document: MemberDocument
}

/**
 * One member on the bench: its document with undo and redo, the result that is computed at once after each change,
 * and autosave. A change that cannot reach the server is kept in the browser and sent later; a change that somebody
 * else overtook is never merged blindly, the engineer decides.
 */
export function useEditor(id: number) {
    const loaded = ref(false)
    const fault = ref('')
    const job = shallowRef<Loaded['job'] | null>(null)
    const document = shallowRef<MemberDocument | null>(null)
    const history = reactive(new History<MemberDocument>())
    const revision = ref(0)
    const saveState = ref<SaveState>('saved')
    const saveMessage = ref('')
    /** False where this browser has no room for what is not stored yet. */
    const isKept = ref(true)
    const result = shallowRef<Result | null>(null)
    const before = shallowRef<{ verdict: VerdictResult; section: string } | null>(null)
    const errors = ref<Record<string, string[]>>({})
    const message = ref('')
    const busy = ref(false)
    const show = ref('envelope')
    const theirs = shallowRef<Kept | null>(null)

    const units = computed<UnitSystem>(() => job.value?.basis.units ?? 'metric')
    const keptAt = `waage.member.${id}`

    async function load(): Promise<void> {
        try {
            const answer = await api<Loaded>('GET', `members/${id}`)
            job.value = answer.job
            revision.value = answer.revision
            document.value = answer.document
            takeKept(answer)
            loaded.value = true
            await design()
        } catch (e) {
            fault.value = e instanceof ApiError ? e.message : String(e)
        }
    }

    /** Work that was left unsaved in this browser comes back, on top of what it was based on. */
    function takeKept(answer: Loaded): void {
        const text = localStorage.getItem(keptAt)
        if (!text) return
        try {
            const kept = JSON.parse(text) as Kept
            if (JSON.stringify(kept.document) === JSON.stringify(answer.document))
                return localStorage.removeItem(keptAt)
            history.push(answer.document)
            document.value = kept.document
            if (kept.revision === answer.revision) {
                saveState.value = 'unsaved'
                void saveSoon()
            } else {
                theirs.value = { revision: answer.revision, document: answer.document }
                saveState.value = 'conflict'
            }
        } catch {
            localStorage.removeItem(keptAt)
        }
    }

    /**
     * Applies a change. Changes with the same key in quick succession (typing in one field) are one step of undo, and
     * those of one hold (a drag) however slow they are.
     */
    function change(apply: (draft: MemberDocument) => void, key = '', isHold = false): void {
        if (!document.value) return
        const draft = structuredClone(toRaw(document.value))
        apply(draft)
        if (JSON.stringify(draft) === JSON.stringify(document.value)) return
        if (history.push(document.value, key, isHold)) remember()
        set(draft)
    }

    function set(next: MemberDocument): void {
        document.value = next
        keep(next)
        if (saveState.value !== 'conflict') {
            saveState.value = 'unsaved'
            void saveSoon()
        }
        void design()
    }

    /**
     * Kept in this browser until it is stored. Where that has no room left it is told, and the server gets it all the
     * same.
     */
    function keep(next: MemberDocument): void {
        try {
            localStorage.setItem(keptAt, JSON.stringify({ revision: revision.value, document: next } satisfies Kept))
            isKept.value = true
        } catch {
            isKept.value = false
        }
    }

    function undo(): void {
        const back = document.value && history.undo(document.value)
        if (!back) return
        remember()
        set(back)
    }

    function redo(): void {
        const next = document.value && history.redo(document.value)
        if (!next) return
        remember()
        set(next)
    }

    /**
     * Asks for the result of the document as it stands. One request at a time: what changes meanwhile is asked for when
     * the answer is there, so that a drag is answered steadily and never overtaken by an older answer.
     */
    let again = false
    async function design(): Promise<void> {
        if (!document.value || !job.value) return
        if (busy.value) {
            again = true
            return
        }
        busy.value = true
        try {
            const answer = await api<Result>('POST', 'design', {
                document: { ...document.value, basis: job.value.basis },
                show: show.value,
            })
            if (atStep && changed(atStep, answer))
                before.value = { verdict: atStep.verdict, section: `${atStep.section.name} ${atStep.section.grade}` }
            result.value = answer
            // What the strips showed may be gone: a combination that is left out, a weighing that is not needed any
            // more.
            if (answer.shown === null) show.value = 'envelope'
            errors.value = {}
            message.value = ''
        } catch (e) {
            if (!(e instanceof ApiError)) throw e
            errors.value = e.errors
            message.value = e.message
            if (e.status === 0 || e.status === 429) setTimeout(design, 2000)
        } finally {
            busy.value = false
            if (again) {
                again = false
                void design()
            }
        }
    }

    /** The result when the last step of undo began: what "before" means, also in the middle of a drag. */
    let atStep: Result | null = null
    function remember(): void {
        atStep = result.value
    }

    function changed(a: Result, b: Result): boolean {
        return (
            a.verdict.ratio !== b.verdict.ratio ||
            a.verdict.state !== b.verdict.state ||
            a.section.name !== b.section.name
        )
    }

    const saveSoon = useDebounceFn(save, 700)
    let saving: Promise<void> | null = null
    async function save(): Promise<void> {
        if (!document.value || saving || saveState.value === 'conflict' || saveState.value === 'saved') return
        saving = store(document.value)
        await saving
    }

    /**
     * All that was typed is stored when this is done, or cannot be stored now: whoever reads it next must not be
     * behind.
     */
    async function flush(): Promise<void> {
        await saving
        if (saveState.value === 'unsaved') await save()
    }

    async function store(sent: MemberDocument): Promise<void> {
        saveState.value = 'saving'
        try {
            const answer = await api<{ revision: number }>('PUT', `members/${id}`, {
                revision: revision.value,
                document: sent,
            })
            revision.value = answer.revision
            if (document.value === sent) {
                saveState.value = 'saved'
                saveMessage.value = ''
                isKept.value = true
                localStorage.removeItem(keptAt)
            } else {
                saveState.value = 'unsaved'
                void saveSoon()
            }
        } catch (e) {
            if (!(e instanceof ApiError)) throw e
            saveMessage.value = e.message
            if (e.status === 409) {
                theirs.value = e.body.current as Kept
                saveState.value = 'conflict'
            } else if ([0, 401, 419, 429, 500].includes(e.status)) {
                saveState.value = 'away'
                setTimeout(save, 3000)
            } else {
                saveState.value = 'refused'
            }
        } finally {
            saving = null
        }
    }

    /** Two windows have changed the member: keep this one's state, or take the other's (undo brings this one back). */
    function settle(choice: 'mine' | 'theirs'): void {
        const other = theirs.value
        if (!other || !document.value) return
        revision.value = other.revision
        theirs.value = null
        saveState.value = 'unsaved'
        if (choice === 'theirs') {
            history.push(document.value)
            set(other.document)
        } else {
            history.push(other.document)
            set(document.value)
        }
    }

    /** The units belong to the job: what else its basis says may have changed since it was read here. One at a time. */
    let unitsStored: Promise<void> = Promise.resolve()
    function setUnits(next: UnitSystem): void {
        if (!job.value) return
        const { id: of, name, basis: last } = job.value
        job.value = { id: of, name, basis: { ...last, units: next } }
        void design()
        unitsStored = unitsStored.then(async () => {
            try {
                const { basis, basisRevision } = await api<{ basis: BasisDocument; basisRevision: number }>(
                    'GET',
                    `jobs/${of}`,
                )
                await api('PATCH', `jobs/${of}`, { basis: { ...basis, units: next }, basisRevision })
            } catch (e) {
                if (!(e instanceof ApiError)) throw e
                saveMessage.value = `The units are not stored in the job: ${e.message}`
            }
        })
    }

    /** What the strips show: "envelope", "combination:STR 1", "weighing:bending" or "case:q". */
    function look(at: string): void {
        show.value = at
    }

    watch(show, design)
    useEventListener(window, 'beforeunload', (event) => {
        if (saveState.value !== 'saved') {
            void save()
            if (saveState.value === 'conflict') event.preventDefault()
        }
    })

    return {
        loaded,
        fault,
        job,
        document,
        history,
        saveState,
        saveMessage,
        isKept,
        result,
        before,
        errors,
        message,
        busy,
        show,
        units,
        load,
        change,
        undo,
        redo,
        settle,
        setUnits,
        save,
        flush,
        look,
    }
}

export type Editor = ReturnType<typeof useEditor>
