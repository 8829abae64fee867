import { edit } from '../../../project/definition/projectPath'
import type { Project } from '../../../project/definition/projectFields'
import type { Rule } from '../../finding'

/** Petrol that stays aboard: an engine that helps, or a generator that burns it. */
const petrolAboard = ({ use, boat, design }: Project): boolean =>
  (use.beside.kind === 'engine' && boat.oldEngine.kind.startsWith('petrol')) ||
  (design.charging.supply === 'generator' && use.costs.fuel === 'petrol')

/** Contacts that spark where petrol vapour gathers. */
export const petrolVapour: Rule = {
  part: 'controller',
  checks: 'Nothing sparks where petrol vapour gathers',
  source: 'Ignition protection in petrol spaces (ISO 8846 and ABYC by name)',
  check({ model: { project } }) {
    if (project.design.wiring.fitted.sparkSafe || !petrolAboard(project)) return null
    return {
      severity: 'stop',
      title: 'sparks beside petrol',
      amount: { text: '' },
      sentence: {
        text:
          'Petrol stays aboard, and contactor, controller or charger are not made for its vapour: it lies in the ' +
          'bilge and one spark is enough. Sealed gear, or another, vented space.',
      },
      caution: 'Air the space and smell it before anything is switched. Local code first; a surveyor looks at it.',
      fixes: [
        {
          label: { text: 'Sealed gear, or a space of its own' },
          edits: [edit('design.wiring.fitted.sparkSafe', true)],
        },
      ],
    }
  },
}
