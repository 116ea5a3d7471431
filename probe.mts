import { readFileSync, readdirSync } from 'node:fs';
import { composeSetup, rigSetup, routeFor, greatestTip, findCautions, isHold, solveSetup } from '@wiry-otter/core';
const dir='packages/catalogue/exercises/';
const only=process.argv.slice(2);
for (const f of readdirSync(dir).sort()) {
  const ex:any=JSON.parse(readFileSync(dir+f,'utf8'));
  if (only.length && !only.includes(ex.id)) continue;
  const takes=ex.takes??{kind:'loop',flatLength_m:1.04};
  const band:any={id:'loop',...takes,law:{c1_N:20,c2_N:16,c3_N:0.2}};
  for (const route of (only.length? ex.routes: ex.routes.slice(0,1))) {
   const b=routeFor([route],band)? band: {...band,kind:'tube',flatLength_m:1.2};
   const out:string[]=[];
   for (const H of [1.5,1.75,2]) {
    const pairBands = ex.bandOnEachSide? [band,{...band,id:'loop2'}]:[b];
    const setup:any=composeSetup({exercise:ex,body:{stature_m:H,mass_kg:41*H},anchor:ex.anchor&&{height_m:ex.anchor.height*H,distance_m:ex.anchor.distance*H,girth_m:0.3},routes:[route],bands:pairBands});
    const r=rigSetup(setup);
    if(!r.ok){out.push('FAULT '+r.faults[0].path+' '+r.faults[0].found);continue;}
    const s=r.value.summary; const sol:any=solveSetup(setup);
    const tip=greatestTip({setup,solved:r.value} as any);
    const d=sol.value.demand;
    out.push(`${H}: λ${(r.value.buffers.stretch[0]).toFixed(2)}..${s.peakStretch.toFixed(2)} slack ${s.slackShare.toFixed(2)} rev ${s.reversedShare.toFixed(2)} ${[0,8,16,24,32,40].map(k=>d[k].toFixed(0)).join('>')} ${r.value.rig.prepared.unit}${ex.bodyweight?' help '+(s.assistMean??NaN).toFixed(2):''} tip ${tip===undefined?'-':(100*tip).toFixed(0)}`);
   }
   const bad=out.some(o=>/FAULT/.test(o)|| !/slack 0.00/.test(o) || /tip -?([3-9]|\d\d)/.test(o) || Number(/rev (\d\.\d\d)/.exec(o)?.[1])>0.1);
   console.log((bad?'!! ':'ok ')+ex.id+' ['+route.id+'] '+(ex.course??'?')+(isHold(ex)?' HOLD':'')+' '+ex.plane+' '+ex.demand.kind+'\n     '+out.join('\n     '));
  }
}
