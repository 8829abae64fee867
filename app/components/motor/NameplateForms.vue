<script setup lang="ts">
import { computed, reactive, ref, useId } from 'vue'
import {
  FIELDS,
  fieldError,
  inUnits,
  leadResistance,
  parseQuantity,
  quantityText,
  ratedAmps,
  torqueConstant,
  withLeadResistance,
  withRatedAmps,
  withTorqueConstant,
  type FieldPath,
  type MotorSpec,
  type NameplateForm,
  type QuantityId,
  edit,
} from '@remigo/core'
import { driveWords } from '~/messages/drive'
import { useAnswerStore } from '~/stores/answer'
import { useDocumentStore } from '~/stores/document'
import { useViewStore } from '~/stores/view'

/**
 * Figures that other plates print: amps for the efficiency, torque for each amp for the speed per volt, a resistance
 * for the copper.
 */
const answer = useAnswerStore()
const document = useDocumentStore()
const view = useViewStore()
const id = useId()
const motor = computed(() => document.shown.design.motor)
type FormId = keyof typeof driveWords.forms
const FORMS: Record<FormId, { quantity: QuantityId; apply: (motor: MotorSpec, value: number) => NameplateForm }> = {
  amps: { quantity: 'current', apply: withRatedAmps },
  kt: { quantity: 'torquePerAmp', apply: (_, kt) => withTorqueConstant(kt) },
  resistance: { quantity: 'resistance', apply: withLeadResistance },
}
const values = computed<Record<FormId, number | null>>(() => ({
  amps: ratedAmps(motor.value),
  kt: torqueConstant(motor.value.kvRpmPerVolt),
  resistance: leadResistance(answer.model.motor),
}))
const shown = (form: FormId) =>
  quantityText(values.value[form], FORMS[form].quantity, view.choice).replace(/\u00A0/g, ' ')
const typed = reactive<Partial<Record<FormId, string>>>({})
const error = ref<{ form: FormId; message: string } | null>(null)

function commit(form: FormId) {
  const text = typed[form]?.trim()
  if (text === undefined || text === shown(form)) {
    typed[form] = undefined
    return
  }
  error.value = null
  const parsed = parseQuantity(text, FORMS[form].quantity, view.choice)
  const said = !parsed.ok
    ? parsed.message
    : !(parsed.value > 0)
      ? `${driveWords.forms[form]}: above 0.`
      : FORMS[form].apply(motor.value, parsed.value)
  const wrong =
    typeof said === 'string'
      ? said
      : said.outcome === 'impossible'
        ? said.reason
        : Object.entries(said.change)
            .map(([key, value]) => fieldError(FIELDS[`design.motor.${key}` as FieldPath], value, inUnits(view.choice)))
            .find(Boolean)
  if (wrong) {
    error.value = { form, message: wrong }
    return
  }
  if (typeof said !== 'string' && said.outcome === 'said')
    document.edit(driveWords.forms[form], [edit('design.motor', { ...motor.value, ...said.change })])
  typed[form] = undefined
}
</script>

<template>
  <section class="block" :aria-label="driveWords.nameplateForms" data-nameplate-forms>
    <h2 class="section-head">
      {{ driveWords.nameplateForms }}<span>{{ driveWords.formsHint }}</span>
    </h2>
    <div v-for="(word, form) in driveWords.forms" :key="form" class="line">
      <label :for="`${id}-${form}`"
        >{{ word }}<span class="soft hint">{{ driveWords.formHints[form] }}</span></label
      >
      <VTextField
        :id="`${id}-${form}`"
        :model-value="typed[form] ?? shown(form)"
        class="ink-field"
        autocomplete="off"
        :data-form="form"
        :aria-invalid="error?.form === form ? 'true' : undefined"
        @update:model-value="typed[form] = $event"
        @keydown.enter="commit(form)"
        @blur="commit(form)"
      />
      <p v-if="error?.form === form" class="error" role="alert">{{ error.message }}</p>
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
