import * as core from '../../src'
import { readFileSync } from 'fs'
const KN=1852/3600
const show=(p: core.Project, speeds: number[])=>{ for (const v of speeds){ const m=core.modelOf(p); const e=core.evaluate(p,v); const r=core.theoryResistance(m,v)
 console.log(p.name.slice(0,22).padEnd(22), (v/KN).toFixed(1)+' kn Fn',core.froudeNumber(v,m.form.lengthWaterline).toFixed(2), 'FnV', (v/Math.sqrt(9.81*Math.cbrt(m.form.volumeBody))).toFixed(2), 'band', (e.point.packPowerHigh/e.point.packPowerLow).toFixed(2), Object.entries(r.doubts).map(([k,x])=>k[0]+k[1]+x.toFixed(2)).join(' '))
 console.log('     ', r.methods.map(x=>`${x.id.slice(0,8)} ${x.value.toFixed(0)}N σ${x.sigma.toFixed(2)} d${x.distance.toFixed(2)} ${(x.share*100).toFixed(0)}%`).join(' | '))
 if(v===speeds[0]) console.log('     L/B',(m.form.lengthWaterline/m.form.beamWaterline).toFixed(2),'B/T',(m.form.beamWaterline/m.form.draughtBody).toFixed(2),'L/∇',(m.form.lengthWaterline/Math.cbrt(m.form.volumeBody)).toFixed(2), m.methods.map(x=>x.method.id.slice(0,6)+':'+x.middle.outside.join(',')).join(' ; '))
}}
const g = core.DEMO_BOATS.find(b=>b.boat.hullType==='semiDisplacement')!
show(g,[g.use.cruiseSpeed*0.8,g.use.cruiseSpeed, g.use.cruiseSpeed*1.2])
const fleet = JSON.parse(readFileSync('/work/shared/fleet/fleet-open.json','utf8'))
for (const b of (fleet.boats??fleet)) { if (!JSON.stringify(b.answers??b).includes('semiDisplacement')) continue
 const a=b.answers; console.log(b.id, JSON.stringify(a).slice(0,300))
}
for (const L of [6,8,10,13]) { const a={...core.typicalAnswers('semiDisplacement',L), name:'semi '+L, hullType:'semiDisplacement' as const, drive:'shaft' as const, massHolds:'before' as const}
 const p=core.newProject({...a, lengthOverAll:L} as any,'x'); show({...p,name:'semi '+L}, [p.use.cruiseSpeed*0.8,p.use.cruiseSpeed]) }
console.log('--- exponents')
for (const L of [6,8,10,13]) { const a={...core.typicalAnswers('semiDisplacement',L), name:'semi '+L, hullType:'semiDisplacement' as const, drive:'shaft' as const, massHolds:'before' as const}
 const p=core.newProject({...a, lengthOverAll:L} as any,'x'); const m=core.modelOf(p); const ms=m.methods.find(x=>x.method.id==='mercierSavitsky1973')!.middle, vo=m.methods.find(x=>x.method.id==='vanOortmerssen1971')!.middle
 const u=Math.sqrt(9.81*Math.cbrt(m.form.volumeBody)); const W=m.form.volumeBody*1025*9.81
 console.log(L, [0.7,0.8,0.9,1,1.1,1.2,1.3,1.4,1.6,2].map(f=>{const r=ms.at(f*u),v=vo.at(f*u); return `${f}: Rw/W ${(r.wave/W).toFixed(4)} Rf ${(r.friction/W).toFixed(4)} vO ${(v.wave/W).toFixed(4)}`}).join(' | ')) }
