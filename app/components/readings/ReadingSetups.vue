<script setup lang="ts">
import { computed } from 'vue'
import { wantsPack, type MeasuredBoat, type Project, type RunSetup, type ToldDrive } from '@remigo/core'
import { readingWords, rowNumbers } from '~/messages/readings'
import { useQuantities } from '~/composables/useQuantities'
import ReadingSetup from './ReadingSetup.vue'

/** What the readings were made with, once for all that share it, and what is learnt of a drive that is not fitted. */
const props = defineProps<{ trial: Project['trial']; measured: MeasuredBoat }>()
const emit = defineEmits<{ change: [place: number, change: Partial<RunSetup>] }>()
const words = readingWords.readings
const { text } = useQuantities()

const setups = computed(() =>
  props.trial.setups.map((setup, place) => {
    const points = props.trial.points.filter(p => p.setup === place),
      rows = props.trial.points.flatMap((p, i) => (p.setup === place ? [i + 1] : []))
    const drive = props.measured.drives.find(d => d.rows.some(row => rows.includes(row)))
    return {
      setup,
      title: words.setupOf(rowNumbers(rows), words.madeWith[setup.made], detailsOf(setup)),
      needs: {
        pack: points.some(wantsPack),
        turns: points.some(p => p.kind === 'rpm'),
        house: points.some(p => p.kind === 'battery' || p.kind === 'charge'),
      },
      learnt: drive ? lossesOf(drive) : '',
    }
  }),
)
const detailsOf = ({ made, name, kind, notches, plate, mass }: RunSetup) =>
  [
    ...(made === 'another' && name ? [name] : []),
    ...(made === 'another' && kind !== 'unknown' ? [words.setup[kind]] : []),
    ...(made === 'another' && notches ? [words.notches(notches)] : []),
    ...(made === 'another' && plate ? [text(plate, 'smallPower')] : []),
    text(mass, 'mass'),
  ].join(' · ')
/** what the drive of then made of its watts, at the most and the least that was read */
function lossesOf(drive: ToldDrive): string {
  const share = (watts: number) => text(drive.at(watts).centre, 'ratio')
  const apart = drive.least < 0.8 * drive.most
  return words.losses(
    share(drive.most),
    text(drive.most, 'smallPower'),
    apart ? share(drive.least) : '',
    text(drive.least, 'smallPower'),
  )
}
</script>

<template>
  <section :aria-label="words.setups">
    <FoldedPart
      v-for="({ setup, title, needs, learnt }, place) in setups"
      :key="place"
      :title="title"
      :data-setup="place"
    >
      <ReadingSetup :setup="setup" :needs="needs" @change="emit('change', place, $event)" />
      <p class="small soft">{{ learnt ? `${learnt} ` : '' }}{{ words.fromThen }}</p>
    </FoldedPart>
  </section>
</template>
