import { computed, reactive, watch } from 'vue'
import { useStorage } from '@vueuse/core'
import {
  ANSWER_FIELDS,
  contradictionsOf,
  fillText,
  hullTypeOf,
  newProject,
  NO_DRIVE_TOLD,
  NOT_SAID,
  keptText,
  readField,
  readEarlyAll,
  readHave,
  typicalAnswers,
  usualLength,
  wantsPack,
  withoutEstimates,
  FIELDS,
  type DriveKind,
  type FirstAnswers,
  type FirstDesign,
  type Had,
  type HullTypeId,
  type MadeWith,
  type Part,
  type ToldBefore,
  type Project,
  type RunSetup,
  type TrialPoint,
} from '@remigo/core'
import { boardWords } from '~/messages/board'
import { useLibraryStore } from '~/stores/library'
import { plainData } from '~/stores/plainData'
import { useViewStore } from '~/stores/view'

/** The typed answers, by the field of the document that they become. */
const QUESTIONS = ANSWER_FIELDS
type Question = keyof typeof QUESTIONS
type MassHolds = Project['boat']['massHolds']
const NOTHING_TYPED: Record<Question, string> = {
  lengthOverAll: '',
  beam: '',
  mass: '',
  greatestDiameter: '',
  oldEnginePower: '',
  cruiseSpeed: '',
  duration: '',
  houseLoad: '',
  topSpeed: '',
  topTime: '',
}
/** The empty sheet. */
const NOTHING_GIVEN = {
  name: '',
  hullType: 'keelYacht' as HullTypeId,
  drive: 'shaft' as DriveKind,
  driveChosen: false,
  typed: NOTHING_TYPED,
  /** what he has, a thing a line: parts and readings */
  have: '',
  /** parts corrected in place, by their line */
  corrected: {} as Record<string, Part>,
  /** what the first readings were made with, as far as it is told */
  madeWith: 'unknown' as MadeWith,
  setup: {} as Partial<RunSetup>,
  massHolds: 'before' as MassHolds,
}

/** Ten answers, with usual values offered, and the first design that they lead to. */
export function useFirstAnswers() {
  const view = useViewStore()
  const library = useLibraryStore()
  // what is answered so far outlives a look at another bench, and a reload
  const given = useStorage('remigo-start', structuredClone(NOTHING_GIVEN), undefined, { mergeDefaults: true })
  const part = <K extends 'name' | 'hullType' | 'have' | 'madeWith' | 'massHolds'>(key: K) =>
    computed({
      get: () => given.value[key],
      set: value => {
        given.value[key] = value
      },
    })
  const name = part('name'),
    hullType = part('hullType'),
    have = part('have'),
    madeWith = part('madeWith'),
    massHolds = part('massHolds')
  const drive = computed({
    get: () => given.value.drive,
    set: kind => {
      Object.assign(given.value, { drive: kind, driveChosen: true })
    },
  })
  /** another kind of hull is offered its own drives */
  const drives = computed(() => hullTypeOf(hullType.value).drives)
  // until the owner chooses one, the drive is that which is usual for the kind
  watch(drives, kinds => {
    if (!kinds.includes(drive.value) || !given.value.driveChosen) given.value.drive = kinds[0]!
  })
  const typed = given.value.typed
  const errors = reactive<Partial<Record<Question | 'have', string>>>({})

  const field = (question: Question) => FIELDS[QUESTIONS[question]]
  const readOf = (question: Question) => readField(field(question), typed[question], view.choice, nearOf(question))
  /** the answer, when it makes sense; null while there is none */
  const answerOf = (question: Question): number | null => {
    const read = typed[question].trim() ? readOf(question) : null
    return read?.ok ? read.value : null
  }
  /** what a bare number is measured by: the unit of what is usual; the length itself has none yet */
  function nearOf(question: Question): number | null {
    return question === 'lengthOverAll' ? null : (usual.value[question] ?? null)
  }
  const length = computed((): number => answerOf('lengthOverAll') ?? usualLength(hullType.value))
  const usual = computed(() => typicalAnswers(hullType.value, length.value))
  /** what is taken where nothing is typed: top follows from the cruise that is given */
  const typical = computed(() => {
    const cruiseSpeed = answerOf('cruiseSpeed') ?? usual.value.cruiseSpeed
    const asked = answerOf('topSpeed')
    const { topSpeed, topTime } = newProject({ ...usual.value, cruiseSpeed, ...(asked && { topSpeed: asked }) }, '').use
    return { ...usual.value, topSpeed, topTime }
  })
  const show = (question: Question) =>
    keptText(field(question), typical.value[question]!, view.choice).replace(/\u00A0/g, ' ')

  /** Bare numbers with the unit that they were typed in: before other units are shown. */
  const writtenOut: Partial<Record<Question, string>> = {}
  /** answers as they were typed: a unit that Remigo wrote behind a bare number tells nothing of its owner */
  const typedByHand = () => (Object.keys(QUESTIONS) as Question[]).filter(q => typed[q] !== writtenOut[q])
  function writeOutUnits() {
    for (const question of Object.keys(QUESTIONS) as Question[]) {
      const value = answerOf(question)
      if (value !== null && /^[\d.,\s]+$/.test(typed[question]))
        typed[question] = writtenOut[question] = keptText(field(question), value, view.choice).replace(/\u00A0/g, ' ')
    }
  }

  /** What the answers come to; what is left empty is usual for the type and length. */
  const answers = computed<FirstAnswers>(() => {
    const given = Object.fromEntries(
      (Object.keys(QUESTIONS) as Question[]).map(q => [q, answerOf(q) ?? typical.value[q]]),
    ) as unknown as Pick<FirstAnswers, Question>
    return {
      ...given,
      name: name.value.trim(),
      hullType: hullType.value,
      drive: drive.value,
      massHolds: massHolds.value,
    }
  })

  function check(question: Question): boolean {
    const read = typed[question].trim() ? readOf(question) : null
    errors[question] = read && !read.ok ? read.message : undefined
    return !errors[question]
  }

  // a sentence goes as soon as its answer makes sense: were it to go when the field is left, the button that is being
  // pressed would move away under the hand
  watch(
    () => ({ ...typed }),
    () => {
      for (const q of Object.keys(QUESTIONS) as Question[]) if (errors[q]) check(q)
    },
  )

  /** what he has, line by line; a part that was corrected is what it was corrected to */
  const haveSoFar = computed(() => readHave(have.value, view.choice))
  const had = computed(() =>
    haveSoFar.value.had.map((thing): Had => {
      const kept = thing.what === 'part' ? given.value.corrected[thing.line] : undefined,
        part = kept && plainData(kept)
      return thing.what === 'part' && part
        ? { ...thing, part, given: withoutEstimates(part, part.estimated as string[]), doubts: [] }
        : thing
    }),
  )
  const correct = ({ line }: Had, part: Part) => {
    given.value.corrected = { ...given.value.corrected, [line]: part }
  }
  /** what is told already: a sentence, several, or rows of a table */
  const toldSoFar = computed(() => readEarlyAll(haveSoFar.value.readings, view.choice))
  /** What the owner knows already, as readings; null with the error set when it makes no sense. */
  function checkHave(): TrialPoint[] | null {
    const read = toldSoFar.value,
      wrong = haveSoFar.value.errors[0]?.message ?? (read.ok ? undefined : read.message)
    errors.have = wrong
    return wrong === undefined && read.ok ? read.points : null
  }
  watch(have, () => {
    if (errors.have) checkHave()
  })

  /** a share of a charge, or amps alone, tell nothing of a pack that nobody knows */
  const asksPack = computed(() => toldSoFar.value.ok && toldSoFar.value.points.some(wantsPack))
  /** of the old engine, or where nobody is sure, nothing of a drive is told, whatever was typed before */
  const setup = computed(() => ({
    ...NOT_SAID,
    ...NO_DRIVE_TOLD,
    ...given.value.setup,
    ...(['oldEngine', 'unknown'].includes(madeWith.value) && NO_DRIVE_TOLD),
    made: madeWith.value,
  }))
  const setSetup = (change: Partial<RunSetup>) => {
    given.value.setup = { ...given.value.setup, ...change }
  }
  /** all that is told beside the answers: a speed or a time that is typed is a wish */
  const toldBefore = (points: TrialPoint[]): ToldBefore => ({
    known: toldWith(points),
    have: had.value,
    wish: (['cruiseSpeed', 'topSpeed', 'duration'] as const).some(q => typed[q].trim()),
    placeTold: typed.greatestDiameter.trim() !== '',
  })
  const toldWith = (points: TrialPoint[]) => points.map(point => ({ point, made: setup.value }))
  /** readings that make sense so far, with what they were made with */
  const told = computed(() => (toldSoFar.value.ok ? toldWith(toldSoFar.value.points) : []))

  /** Every answer checked, and all of them together; the boat, or null with the errors set. */
  async function finish(): Promise<{ project: Project; note: string | null } | null> {
    const good = (Object.keys(QUESTIONS) as Question[]).map(check).every(Boolean)
    const readings = checkHave()
    if (!good || !readings) return null
    const wrong = contradictionsOf(newProject(answers.value, '').boat)[0]
    if (wrong) {
      const asked = (Object.keys(QUESTIONS) as Question[]).find(q => QUESTIONS[q] === `boat.${wrong.field}`)
      errors[asked ?? 'lengthOverAll'] = `${fillText(wrong.message, view.choice)}.`
      return null
    }
    const kept = Object.fromEntries(
      (Object.keys(QUESTIONS) as Question[]).filter(q => typed[q].trim()).map(q => [QUESTIONS[q], typed[q].trim()]),
    )
    const { firstDesign } = await import('~/firstDesign')
    const { project, note, own } = firstDesign(
      answers.value,
      crypto.randomUUID(),
      toldBefore(readings),
      library.library,
    )
    // what he has stands on the shelf of his library
    for (const { kind, part } of own) await library.put(kind, [part])
    return {
      project: { ...project, typed: kept },
      note: note && `${boardWords.held.nothingFits}: ${fillText(note, view.choice)}`,
    }
  }
  /** the boat as answered so far; null while the answers contradict each other or make no sense */
  const sketch = computed<Project | null>(() => {
    const wrong = (Object.keys(QUESTIONS) as Question[]).some(q => typed[q].trim() && !readOf(q).ok)
    if (wrong) return null
    const project = newProject(answers.value, 'sketch')
    return contradictionsOf(project.boat).length === 0 ? project : null
  })
  /** is anything answered? An empty sheet asks for no design */
  const begun = computed(
    () =>
      Boolean(name.value.trim() || have.value.trim()) ||
      given.value.driveChosen ||
      hullType.value !== NOTHING_GIVEN.hullType ||
      Object.values(typed).some(text => text.trim()),
  )
  /** her first design so far, with what is short where nothing fits; null where nothing is answered */
  async function sketchDesign(): Promise<FirstDesign | null> {
    if (!sketch.value || !begun.value) return null
    const { firstDesign } = await import('~/firstDesign')
    if (!sketch.value) return null
    const points = toldSoFar.value.ok ? toldSoFar.value.points : []
    return firstDesign(answers.value, 'sketch', toldBefore(points), library.library)
  }
  /** the next boat starts from an empty sheet */
  function clear() {
    given.value = structuredClone(NOTHING_GIVEN)
  }
  return {
    clear,
    name,
    hullType,
    drive,
    drives,
    typed,
    have,
    had,
    correct,
    madeWith,
    told,
    asksPack,
    setup,
    setSetup,
    massHolds,
    errors,
    fieldOf: field,
    nearOf,
    typical,
    show,
    check,
    writeOutUnits,
    typedByHand,
    checkHave,
    answers,
    sketch,
    sketchDesign,
    finish,
  }
}
