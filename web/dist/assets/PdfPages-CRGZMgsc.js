import{Pt as e,Rt as t,Vt as n,gn as r,mn as i,pn as a,t as o}from"./Button-DrG8Nuyj.js";import{n as s,t as c}from"./preload-helper-D-vpt8dy.js";var l=`/assets/pdf.worker.min-yatZIOMy.mjs`,u=r(i(),1),d=a(),f=t.div`
  position: absolute;
  inset: 0;
  cursor: crosshair;
  touch-action: none;
  button { position: absolute; right: 8px; top: 8px; }
  > span {
    position: absolute;
    border: 2px dashed ${({theme:e})=>e.rubric};
    background: rgb(163 48 43 / 0.08);
    pointer-events: none;
  }
`,p={left:0,top:0,width:1,height:1},m=.02,h=1600;function g(e,t){let n=e=>Math.max(0,Math.min(1,e)),r=n(Math.min(e.x,t.x)),i=n(Math.min(e.y,t.y));return{left:r,top:i,width:n(Math.max(e.x,t.x))-r,height:n(Math.max(e.y,t.y))-i}}async function _(e,t,n){let r=e.getViewport({scale:1}),i=r.width*t.width,a=r.height*t.height,o=h/Math.max(i,a),s=document.createElement(`canvas`);s.width=Math.ceil(i*o),s.height=Math.ceil(a*o);let c=s.getContext(`2d`);if(!c)return null;let l=e.getViewport({scale:o,offsetX:-t.left*r.width*o,offsetY:-t.top*r.height*o});await e.render({canvasContext:c,viewport:l}).promise;let u=await new Promise(e=>s.toBlob(e,`image/png`));return u&&new File([u],n,{type:`image/png`})}function v({page:e,number:t,onCut:n}){let[r,i]=(0,u.useState)(),a=async r=>{let i=await _(e,r,`page ${t}.png`);i&&n(i)},s=e=>{let t=e.currentTarget.getBoundingClientRect();return{x:(e.clientX-t.left)/t.width,y:(e.clientY-t.top)/t.height}},c=r&&g(...r),l=e=>`${100*e}%`;return(0,d.jsxs)(f,{"data-cutting":t,onPointerDown:e=>{e.button===0&&e.target===e.currentTarget&&(e.currentTarget.setPointerCapture(e.pointerId),i([s(e),s(e)]))},onPointerMove:e=>r&&i([r[0],s(e)]),onPointerUp:()=>{c&&c.width>m&&c.height>m&&a(c),i(void 0)},onPointerCancel:()=>i(void 0),children:[(0,d.jsxs)(o,{onPress:()=>a(p),children:[`Take all of page `,t]}),c&&(0,d.jsx)(`span`,{style:{left:l(c.left),top:l(c.top),width:l(c.width),height:l(c.height)}})]})}var y=t.div`
  display: grid;
  gap: 14px;
  padding: 14px;
  background: ${({theme:e})=>e.shelf};
`,b=t.div`
  position: relative;
  width: 100%;
  background: #fff;
  border: 1px solid ${({theme:e})=>e.rule};
  canvas { display: block; width: 100%; height: 100%; }
`,x=t.button`
  position: absolute;
  padding: 0;
  border: 0;
  border-bottom: 2px solid;
  background: none;
  cursor: pointer;
`,S=t.span`
  position: absolute;
  background: ${({theme:e})=>e.highlight};
  mix-blend-mode: multiply;
`;async function C(e){let t=await c(()=>import(`./pdf-Bm2p5NBK.js`),[]);return t.GlobalWorkerOptions.workerSrc=l,t.getDocument({url:`${e}/original`,withCredentials:!0,cMapUrl:`/assets/pdf/cmaps/`,cMapPacked:!0,standardFontDataUrl:`/assets/pdf/standard_fonts/`,isEvalSupported:!1}).promise}function w({path:t,marks:r,sought:i,onSelect:a,onCut:o}){let s=n({queryKey:[`pdf`,t],queryFn:()=>C(t),staleTime:1/0,gcTime:0}),c=n({queryKey:[`boxes`,t,i.start,i.end],queryFn:()=>e(`GET`,`${t}/boxes?start=${i.start}&end=${Math.max(i.end,i.start+1)}`)}),l=c.data?.[0]?.page??1;if(s.isError)return(0,d.jsx)(`p`,{role:`alert`,children:`The pages cannot be shown here. Read the text, or download the file.`});if(!s.data)return(0,d.jsx)(`p`,{role:`status`,children:`Opening the pages…`});let u=s.data;return(0,d.jsx)(y,{children:Array.from({length:u.numPages},(e,t)=>t+1).map(e=>(0,d.jsx)(T,{document:u,number:e,marks:r,boxes:i.end>i.start?c.data??[]:[],wanted:c.isSuccess&&e===l,onSelect:a,onCut:o},e))})}function T(e){let{document:t,number:n,marks:r,boxes:i,wanted:a,onSelect:o,onCut:c}=e,l=(0,u.useRef)(null),f=(0,u.useRef)(null),[p,m]=(0,u.useState)(null),[h,g]=(0,u.useState)(!1);(0,u.useEffect)(()=>{let e=new IntersectionObserver(([e])=>g(e?.isIntersecting??!1),{rootMargin:`600px`});return l.current&&e.observe(l.current),()=>e.disconnect()},[]),(0,u.useEffect)(()=>{h&&!p&&t.getPage(n).then(m)},[h,p,t,n]),(0,u.useEffect)(()=>{let e=f.current,t=e?.getContext(`2d`);if(!h||!p||!e||!t||!l.current)return;let n=p.getViewport({scale:1}),r=l.current.clientWidth/n.width*window.devicePixelRatio,i=p.getViewport({scale:r});e.width=i.width,e.height=i.height;let a=p.render({canvasContext:t,viewport:i});return a.promise.catch(()=>{}),()=>a.cancel()},[h,p]),(0,u.useEffect)(()=>{if(a){let e=l.current?.querySelector(`[data-sought]`)??l.current;e?.scrollIntoView({block:e===l.current?`start`:`center`})}},[a]);let _=p?.getViewport({scale:1}),y=e=>_&&{left:`${100*e.left/_.width}%`,top:`${100*e.top/_.height}%`,width:`${100*(e.right-e.left)/_.width}%`,height:`${100*(e.bottom-e.top)/_.height}%`},C=e=>_?e.filter(e=>e.page===n):[];return(0,d.jsxs)(b,{ref:l,role:`group`,"data-page":n,"aria-label":`Page ${n}`,style:{aspectRatio:_?`${_.width} / ${_.height}`:`1 / 1.414`},children:[h&&(0,d.jsx)(`canvas`,{ref:f}),C(i).map(e=>(0,d.jsx)(S,{"data-sought":``,style:y(e)},`${e.top} ${e.left}`)),r.map(e=>C(e.boxes).map(t=>(0,d.jsx)(x,{type:`button`,tabIndex:-1,"aria-label":`Topic ${e.number}`,title:e.number||`root`,style:{...y(t),borderColor:s(e.branch)},onClick:()=>o(e.topic)},`${e.evidence} ${t.top} ${t.left}`))),p&&c&&(0,d.jsx)(v,{page:p,number:n,onCut:c})]})}export{w as PdfPages};