import { PICTURE_ADDRESS, PICTURE_CACHE, PICTURE_HOST, WIDE } from "./keptPicture";

/** Empty where a program is still being written: it keeps no picture. */
const program = process.env.LATE_EMBER_BUILD ?? "";

/**
 * Draws the kept picture before the program is there, and takes taps for it. Kept short: it stands in the
 * page itself. The picture is closed off from the page: what looks for a task finds the view's own.
 */
const DRAW = `(function(){
var host=document.getElementById("${PICTURE_HOST}"),taps=[],screen=null;
window.lateEmberEarly={taps:taps,scrolledPx:function(){return screen?screen.scrollTop:0}};
if(!host||location.pathname!=="/today"||location.search||!window.caches||"${program}"==="")return;
function named(button){return button.getAttribute("aria-label")||button.textContent.trim()}
caches.match("${PICTURE_ADDRESS}",{cacheName:"${PICTURE_CACHE}"}).then(function(found){return found&&found.json()}).then(function(kept){
if(!kept||kept.program!=="${program}"||kept.language!==navigator.language||kept.isWide!==matchMedia("${WIDE}").matches)return;
var now=new Date(),two=function(part){return("0"+part).slice(-2)},
html=kept.days[kept.today||now.getFullYear()+"-"+two(now.getMonth()+1)+"-"+two(now.getDate())];
if(!html||!host.isConnected)return;
var root=host.attachShadow({mode:"closed"}),sheet=new CSSStyleSheet();
sheet.replaceSync(kept.css);root.adoptedStyleSheets=[sheet];root.innerHTML=html;
screen=root.querySelector("[role=region]");host.dataset.drawn="";performance.mark("picture");
root.addEventListener("click",function(event){
var button=event.target.closest("button");
if(!button||button.hasAttribute("data-tapped"))return;
var name=named(button),alike=[].slice.call(root.querySelectorAll("button")).filter(function(one){return named(one)===name});
taps.push({name:name,at:alike.indexOf(button)});button.setAttribute("data-tapped","")
})
}).catch(function(){})
})()`;

/** Where the last picture of today stands while the program comes; a picture, so hidden to screen readers. */
export function PictureHost() {
  return (
    <>
      <div id={PICTURE_HOST} aria-hidden suppressHydrationWarning />
      <script dangerouslySetInnerHTML={{ __html: DRAW }} />
    </>
  );
}
