import { execFileSync } from 'node:child_process'
import { computed, reactive, ref, shallowRef, type Ref } from 'vue'
import type { Collapse } from '@/contract/collapse'
import type { Editor } from '@/bench/editor'
import type { MemberDocument } from '@/contract/member'
import type { Reserve } from '@/contract/reserve'
import type { Result } from '@/contract/result'
import type { Sheet } from '@/contract/sheet'
import { History } from '@/lib/history'
import type { UnitSystem } from '@/lib/units'

interface Answers {
    full: Sheet
    brief: Sheet
    collapse: Collapse
    shortlist: Record<string, unknown>[]
    reserve: Reserve
}

/** A beam over two spans with an overhang, permanent, imposed and uplifting wind load. */
export const BEAM: MemberDocument = {
    format: 'waage-member',
    version: 1,
    mark: 'B1',
    title: 'Two spans',
    notes: 'A note with M_cr in it.',
    length: '11 m',
    supports: [
        { x: '0 m', kind: 'pinned', bearing: '150 mm' },
        { x: '5 m', kind: 'pinned', bearing: '150 mm' },
        { x: '9 m', kind: 'pinned', bearing: '150 mm' },
    ],
    section: 'IPE 300',
    grade: 'S275',
    restraint: { top: { kind: 'supports' }, bottom: { kind: 'supports' } },
    loadHeight: 'top',
    selfWeight: true,
    cases: [
        { id: 'g', name: 'Permanent', category: 'permanent' },
        { id: 'q', name: 'Floor', category: 'B' },
        { id: 'w', name: 'Wind', category: 'wind-up' },
    ],
    loads: [
        { id: 'l1', case: 'g', kind: 'line', name: 'Wall', value: '4 kN/m' },
        { id: 'l2', case: 'q', kind: 'area', name: 'Floor', value: '3 kN/m²', width: '3 m' },
        { id: 'l3', case: 'w', kind: 'point', name: 'Uplift', x: '10.8 m', value: '25 kN' },
    ],
}

/**
 * The core's own result of a member, and what else is asked for: the front end is tested on real answers, not on
 * copies.
 */
export function answerTo<Asked extends keyof Answers = never>(
    document: MemberDocument,
    ...asked: Asked[]
): { result: Result } & Pick<Answers, Asked> {
    const php = ['-d', 'opcache.enable_cli=1', 'core/tests/answer.php', ...asked]
    const answer = execFileSync('php', php, { input: JSON.stringify(document), maxBuffer: 1 << 26 })
    return JSON.parse(answer.toString()) as { result: Result } & Pick<Answers, Asked>
}

export const documentOf = (editor: Editor): MemberDocument => editor.document.value as MemberDocument

/** An editor without a server: changes are applied to the document and nothing else. */
export function editorOf(document: MemberDocument, result: Result | null = null, units: UnitSystem = 'metric'): Editor {
    const current = shallowRef<MemberDocument | null>(structuredClone(document))
    const show = ref('envelope')
    const nothing = (): void => {}
    const editor = {
        loaded: ref(true),
        fault: ref(''),
        job: shallowRef({ id: 1, name: 'Test job', basis: { units } }),
        document: current,
        history: reactive(new History<MemberDocument>()),
        saveState: ref('saved'),
        saveMessage: ref(''),
        result: shallowRef(result),
        before: shallowRef(null),
        errors: ref({}) as Ref<Record<string, string[]>>,
        message: ref(''),
        busy: ref(false),
        show,
        units: computed(() => units),
        load: async () => {},
        change(apply: (draft: MemberDocument) => void) {
            const draft = structuredClone(current.value as MemberDocument)
            apply(draft)
            current.value = draft
        },
        undo: nothing,
        redo: nothing,
        settle: nothing,
        setUnits: nothing,
        save: async () => {},
        flush: async () => {},
        look: (at: string) => void (show.value = at),
    }
    return editor as unknown as Editor
}
