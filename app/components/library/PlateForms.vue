<script setup lang="ts">
import { computed, reactive, ref, useId } from 'vue'
import {
  fieldError,
  FORMS_OF,
  inUnits,
  parseQuantity,
  PART_KINDS,
  PLATE_FORMS,
  quantityText,
  type Part,
  type PartKindId,
  type PlateForm,
  type PlateFormId,
} from '@remigo/core'
import { driveWords } from '~/messages/drive'
import { useViewStore } from '~/stores/view'

/** Figures that plates print instead of ours: amps for the efficiency, torque for each amp, a second rating. */
const props = defineProps<{ kind: PartKindId; plate: () => Part }>()
const emit = defineEmits<{ said: [change: Record<string, unknown>, form: PlateFormId] }>()
const view = useViewStore()
const id = useId()
const forms = computed(() => FORMS_OF[props.kind] ?? [])
const formOf = (of: PlateFormId): PlateForm => PLATE_FORMS[of]
const typed = reactive<Partial<Record<PlateFormId, string>>>({})
const error = ref<{ form: PlateFormId; message: string } | null>(null)
const shown = (of: PlateFormId) => {
  const now = formOf(of).now(props.plate())
  return now === null || !Number.isFinite(now)
    ? ''
    : quantityText(now, formOf(of).quantity, view.choice).replace(/\u00A0/g, ' ')
}

/** What a form's words mean, or a sentence. */
function meaning(of: PlateFormId, text: string): Record<string, unknown> | string {
  const form = formOf(of),
    [first = '', second = ''] = form.atVolts ? text.split(/\s+at\s+|\s*@\s*/i) : [text]
  const parsed = parseQuantity(first, form.quantity, view.choice)
  if (!parsed.ok) return parsed.message
  if (!(parsed.value > 0)) return `${driveWords.forms[of]}: above 0.`
  const volts = form.atVolts ? parseQuantity(second, 'voltage', view.choice) : null
  if (form.atVolts && !(volts?.ok && volts.value > 0)) return driveWords.secondLikeThis
  const said = form.apply(props.plate(), parsed.value, volts?.ok ? volts.value : 0)
  if (said.outcome === 'impossible') return said.reason
  const { columns } = PART_KINDS[props.kind]
  for (const [key, value] of Object.entries(said.change)) {
    const column = columns.find(c => c.key === key)
    const wrong = column && fieldError(column, value, inUnits(view.choice))
    if (wrong) return wrong
  }
  return said.change
}
function commit(of: PlateFormId) {
  const text = typed[of]?.trim()
  if (!text || text === shown(of)) {
    typed[of] = undefined
    if (error.value?.form === of) error.value = null
    return
  }
  const said = meaning(of, text)
  if (typeof said === 'string') {
    error.value = { form: of, message: said }
    return
  }
  error.value = null
  emit('said', said, of)
  typed[of] = undefined
}
</script>

<template>
  <section class="block" :aria-label="driveWords.nameplateForms" data-nameplate-forms>
    <h2 class="section-head">
      {{ driveWords.nameplateForms }}<span>{{ driveWords.formsHint }}</span>
    </h2>
    <div v-for="of in forms" :key="of" class="line">
      <label :for="`${id}-${of}`"
        >{{ driveWords.forms[of] }}<span class="soft hint">{{ driveWords.formHints[of] }}</span></label
      >
      <VTextField
        :id="`${id}-${of}`"
        :model-value="typed[of] ?? shown(of)"
        class="figures"
        autocomplete="off"
        :data-form="of"
        :aria-invalid="error?.form === of ? 'true' : undefined"
        @update:model-value="typed[of] = $event"
        @keydown.enter.prevent="commit(of)"
        @blur="commit(of)"
      />
      <p v-if="error?.form === of" class="error" role="alert">{{ error.message }}</p>
    </div>
  </section>
</template>

<style scoped>
.line {
  display: grid;
  grid-template-columns: minmax(0, 1fr) 104px;
  gap: 2px 10px;
  align-items: center;
  min-height: 41px;
  padding: 4px 0;
  border-top: 0.75px solid var(--rule);
  font-size: 13.5px;
  line-height: 16px;
}
.hint {
  display: block;
  font-size: 12px;
  line-height: 15px;
}
.error {
  grid-column: 1 / -1;
  color: var(--clash);
  font-size: 12.5px;
  line-height: 16px;
}
</style>
