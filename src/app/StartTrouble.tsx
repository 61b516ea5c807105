import { ui as uiSay } from "@/words/en/ui";
import { waiting as say } from "@/words/en/waiting";

const START_TROUBLE = "start-trouble";
const LOOKS_AGAIN_MS = 1000;
/** A page that was loaded anew so lately is not loaded anew by itself once more, ms. */
const TRIED_LATELY_MS = 60_000;
const TRIED_KEY = "late-ember-start-tried";

/**
 * Runs before anything is fetched: where a part of the program that the page itself names does not come,
 * nothing of the program may be there to say so. The page is loaded anew once by itself, since a network
 * out in the garden often fails for a moment only; then it is said. What is said goes again where the view
 * comes all the same; what is fetched later is told by what fetches it.
 */
const LOOK_OUT = `(function(){
var named=new Set(),looking=0;
addEventListener("DOMContentLoaded",function(){for(var one of document.scripts)named.add(one)});
addEventListener("error",function(event){
var missing=event.target;
if(!missing||missing.tagName!=="SCRIPT"||looking)return;
if(document.readyState!=="loading"&&!named.has(missing))return;
try{var kept=sessionStorage,now=Date.now();
if(navigator.onLine&&!(now-kept.getItem("${TRIED_KEY}")<${TRIED_LATELY_MS})){
kept.setItem("${TRIED_KEY}",now);location.reload();return}}catch(cause){}
looking=setInterval(function(){
var words=document.getElementById("${START_TROUBLE}");
if(words)words.hidden=document.querySelector("main h1")!==null
},${LOOKS_AGAIN_MS})
},true)
})()`;

/** For the page's head. */
export function StartWatch() {
  return <script dangerouslySetInnerHTML={{ __html: LOOK_OUT }} />;
}

/** What is said where the program cannot start, and how to go on. */
export function StartTrouble() {
  return (
    <>
      <div id={START_TROUBLE} role="alert" hidden suppressHydrationWarning>
        {say.couldNotStart}{" "}
        <a href="" suppressHydrationWarning>
          {uiSay.reloadThePage}
        </a>
      </div>
      <noscript>
        <div id={`${START_TROUBLE}-scripts`}>{say.needsScripts}</div>
      </noscript>
    </>
  );
}
