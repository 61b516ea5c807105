import { chromium } from "playwright-core";
const browser = await chromium.launch({ executablePath: "/usr/bin/chromium-headless-shell", args: ["--no-sandbox","--disable-gpu","--js-flags=--no-turbofan,--invocation-count-for-maglev=1000,--min-semi-space-size=64"] });
const views=["today","today","beds","plan","seedlings"];
const [base, n] = [process.argv[2], +process.argv[3]];
let done=0;
async function run(k){
  const context = await browser.newContext({ serviceWorkers: "block", reducedMotion:"reduce" });
  const page = await context.newPage();
  const log=[]; page.on("console",m=>log.push(m.text())); page.on("pageerror",e=>log.push("ERR "+e.message)); page.on("requestfailed",r=>log.push("FAILED "+r.url()));
  for(let i=0;i<n;i++){
    const v=views[Math.floor(Math.random()*views.length)];
    log.push("goto "+v);
    await page.goto(`${base}/${v}`);
    try { await page.getByRole("heading",{level:1}).first().waitFor({timeout:40000}); }
    catch(e){ console.log("HANG", k, i, v, log.slice(-15).join("\n"), await page.locator("body").innerText());
      console.log(await page.evaluate(async()=>{ const r={}; r.dbs=await Promise.race([indexedDB.databases(), new Promise(x=>setTimeout(()=>x("hang"),3000))]);
       for (const name of ["late-ember","late-ember-device"]) { r[name]=await Promise.race([new Promise(x=>{const q=indexedDB.open(name); q.onsuccess=()=>{q.result.close(); x("ok "+q.result.version)}; q.onerror=()=>x("err"); q.onblocked=()=>x("blocked")}), new Promise(x=>setTimeout(()=>x("hang"),3000))]); }
       r.scripts=performance.getEntriesByType("resource").length; return JSON.stringify(r)})); }
    await page.waitForTimeout(Math.random()<0.5?Math.random()*300: 2200+Math.random()*1500);
    done++;
  }
  await context.close();
}
await Promise.all([0,1,2].map(run));
console.log("done",done);
await browser.close();
