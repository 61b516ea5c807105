// Written by `npm run crops` from the files of data/crops: not to be changed by hand.
import arugula from "@data/crops/sources/arugula.json";
import arugulaWild from "@data/crops/sources/arugula-wild.json";
import barleyShoots from "@data/crops/sources/barley-shoots.json";
import basil from "@data/crops/sources/basil.json";
import beet from "@data/crops/sources/beet.json";
import borage from "@data/crops/sources/borage.json";
import brassicaMicrogreens from "@data/crops/sources/brassica-microgreens.json";
import broadBean from "@data/crops/sources/broad-bean.json";
import broccoli from "@data/crops/sources/broccoli.json";
import broccoliSprouting from "@data/crops/sources/broccoli-sprouting.json";
import brusselsSprouts from "@data/crops/sources/brussels-sprouts.json";
import bushBean from "@data/crops/sources/bush-bean.json";
import cabbage from "@data/crops/sources/cabbage.json";
import cabbageSavoy from "@data/crops/sources/cabbage-savoy.json";
import cabbageSpring from "@data/crops/sources/cabbage-spring.json";
import calendula from "@data/crops/sources/calendula.json";
import carrot from "@data/crops/sources/carrot.json";
import cauliflower from "@data/crops/sources/cauliflower.json";
import cauliflowerOverwintering from "@data/crops/sources/cauliflower-overwintering.json";
import celeriac from "@data/crops/sources/celeriac.json";
import celery from "@data/crops/sources/celery.json";
import chard from "@data/crops/sources/chard.json";
import chervil from "@data/crops/sources/chervil.json";
import chilli from "@data/crops/sources/chilli.json";
import chineseCabbage from "@data/crops/sources/chinese-cabbage.json";
import chives from "@data/crops/sources/chives.json";
import cilantro from "@data/crops/sources/cilantro.json";
import claytonia from "@data/crops/sources/claytonia.json";
import collards from "@data/crops/sources/collards.json";
import cress from "@data/crops/sources/cress.json";
import cucumber from "@data/crops/sources/cucumber.json";
import dandelion from "@data/crops/sources/dandelion.json";
import dill from "@data/crops/sources/dill.json";
import eggplant from "@data/crops/sources/eggplant.json";
import endive from "@data/crops/sources/endive.json";
import escarole from "@data/crops/sources/escarole.json";
import fennel from "@data/crops/sources/fennel.json";
import forcedBeet from "@data/crops/sources/forced-beet.json";
import forcedCeleriac from "@data/crops/sources/forced-celeriac.json";
import forcedChicory from "@data/crops/sources/forced-chicory.json";
import forcedParsley from "@data/crops/sources/forced-parsley.json";
import garlic from "@data/crops/sources/garlic.json";
import garlicElephant from "@data/crops/sources/garlic-elephant.json";
import globeArtichoke from "@data/crops/sources/globe-artichoke.json";
import horseradish from "@data/crops/sources/horseradish.json";
import jerusalemArtichoke from "@data/crops/sources/jerusalem-artichoke.json";
import kale from "@data/crops/sources/kale.json";
import kaleSiberian from "@data/crops/sources/kale-siberian.json";
import kohlrabi from "@data/crops/sources/kohlrabi.json";
import komatsuna from "@data/crops/sources/komatsuna.json";
import leek from "@data/crops/sources/leek.json";
import lettuce from "@data/crops/sources/lettuce.json";
import lettuceCrisphead from "@data/crops/sources/lettuce-crisphead.json";
import lettuceCutting from "@data/crops/sources/lettuce-cutting.json";
import mache from "@data/crops/sources/mache.json";
import mint from "@data/crops/sources/mint.json";
import mintSeed from "@data/crops/sources/mint-seed.json";
import minutina from "@data/crops/sources/minutina.json";
import mizuna from "@data/crops/sources/mizuna.json";
import mustardGreens from "@data/crops/sources/mustard-greens.json";
import onion from "@data/crops/sources/onion.json";
import onionOverwintering from "@data/crops/sources/onion-overwintering.json";
import pakChoi from "@data/crops/sources/pak-choi.json";
import parsley from "@data/crops/sources/parsley.json";
import parsnip from "@data/crops/sources/parsnip.json";
import peaShelling from "@data/crops/sources/pea-shelling.json";
import peaShoots from "@data/crops/sources/pea-shoots.json";
import peaSnap from "@data/crops/sources/pea-snap.json";
import peaSnow from "@data/crops/sources/pea-snow.json";
import poleBean from "@data/crops/sources/pole-bean.json";
import potato from "@data/crops/sources/potato.json";
import radicchio from "@data/crops/sources/radicchio.json";
import radish from "@data/crops/sources/radish.json";
import radishDaikon from "@data/crops/sources/radish-daikon.json";
import radishMicrogreens from "@data/crops/sources/radish-microgreens.json";
import rhubarb from "@data/crops/sources/rhubarb.json";
import rootParsley from "@data/crops/sources/root-parsley.json";
import runnerBean from "@data/crops/sources/runner-bean.json";
import rutabaga from "@data/crops/sources/rutabaga.json";
import sage from "@data/crops/sources/sage.json";
import saladBurnet from "@data/crops/sources/salad-burnet.json";
import saladMix from "@data/crops/sources/salad-mix.json";
import salsify from "@data/crops/sources/salsify.json";
import scallion from "@data/crops/sources/scallion.json";
import scorzonera from "@data/crops/sources/scorzonera.json";
import seaKale from "@data/crops/sources/sea-kale.json";
import shallot from "@data/crops/sources/shallot.json";
import snapdragon from "@data/crops/sources/snapdragon.json";
import sorrel from "@data/crops/sources/sorrel.json";
import spinach from "@data/crops/sources/spinach.json";
import strawberry from "@data/crops/sources/strawberry.json";
import sugarloaf from "@data/crops/sources/sugarloaf.json";
import summerSquash from "@data/crops/sources/summer-squash.json";
import sunflowerShoots from "@data/crops/sources/sunflower-shoots.json";
import sweetCorn from "@data/crops/sources/sweet-corn.json";
import sweetPepper from "@data/crops/sources/sweet-pepper.json";
import sweetPotato from "@data/crops/sources/sweet-potato.json";
import tatsoi from "@data/crops/sources/tatsoi.json";
import thyme from "@data/crops/sources/thyme.json";
import tomato from "@data/crops/sources/tomato.json";
import turnip from "@data/crops/sources/turnip.json";
import winterCress from "@data/crops/sources/winter-cress.json";
import winterPea from "@data/crops/sources/winter-pea.json";
import winterSquash from "@data/crops/sources/winter-squash.json";
import witloof from "@data/crops/sources/witloof.json";

/**
 * Where each value of each crop of the library comes from: ids of `data/sources.json` by the path of
 * the value. Loaded only when it is asked for, since planning needs none of it.
 */
export const cropSources: Readonly<Record<string, Readonly<Record<string, string>>>> = {
  arugula: arugula,
  "arugula-wild": arugulaWild,
  "barley-shoots": barleyShoots,
  basil: basil,
  beet: beet,
  borage: borage,
  "brassica-microgreens": brassicaMicrogreens,
  "broad-bean": broadBean,
  broccoli: broccoli,
  "broccoli-sprouting": broccoliSprouting,
  "brussels-sprouts": brusselsSprouts,
  "bush-bean": bushBean,
  cabbage: cabbage,
  "cabbage-savoy": cabbageSavoy,
  "cabbage-spring": cabbageSpring,
  calendula: calendula,
  carrot: carrot,
  cauliflower: cauliflower,
  "cauliflower-overwintering": cauliflowerOverwintering,
  celeriac: celeriac,
  celery: celery,
  chard: chard,
  chervil: chervil,
  chilli: chilli,
  "chinese-cabbage": chineseCabbage,
  chives: chives,
  cilantro: cilantro,
  claytonia: claytonia,
  collards: collards,
  cress: cress,
  cucumber: cucumber,
  dandelion: dandelion,
  dill: dill,
  eggplant: eggplant,
  endive: endive,
  escarole: escarole,
  fennel: fennel,
  "forced-beet": forcedBeet,
  "forced-celeriac": forcedCeleriac,
  "forced-chicory": forcedChicory,
  "forced-parsley": forcedParsley,
  garlic: garlic,
  "garlic-elephant": garlicElephant,
  "globe-artichoke": globeArtichoke,
  horseradish: horseradish,
  "jerusalem-artichoke": jerusalemArtichoke,
  kale: kale,
  "kale-siberian": kaleSiberian,
  kohlrabi: kohlrabi,
  komatsuna: komatsuna,
  leek: leek,
  lettuce: lettuce,
  "lettuce-crisphead": lettuceCrisphead,
  "lettuce-cutting": lettuceCutting,
  mache: mache,
  mint: mint,
  "mint-seed": mintSeed,
  minutina: minutina,
  mizuna: mizuna,
  "mustard-greens": mustardGreens,
  onion: onion,
  "onion-overwintering": onionOverwintering,
  "pak-choi": pakChoi,
  parsley: parsley,
  parsnip: parsnip,
  "pea-shelling": peaShelling,
  "pea-shoots": peaShoots,
  "pea-snap": peaSnap,
  "pea-snow": peaSnow,
  "pole-bean": poleBean,
  potato: potato,
  radicchio: radicchio,
  radish: radish,
  "radish-daikon": radishDaikon,
  "radish-microgreens": radishMicrogreens,
  rhubarb: rhubarb,
  "root-parsley": rootParsley,
  "runner-bean": runnerBean,
  rutabaga: rutabaga,
  sage: sage,
  "salad-burnet": saladBurnet,
  "salad-mix": saladMix,
  salsify: salsify,
  scallion: scallion,
  scorzonera: scorzonera,
  "sea-kale": seaKale,
  shallot: shallot,
  snapdragon: snapdragon,
  sorrel: sorrel,
  spinach: spinach,
  strawberry: strawberry,
  sugarloaf: sugarloaf,
  "summer-squash": summerSquash,
  "sunflower-shoots": sunflowerShoots,
  "sweet-corn": sweetCorn,
  "sweet-pepper": sweetPepper,
  "sweet-potato": sweetPotato,
  tatsoi: tatsoi,
  thyme: thyme,
  tomato: tomato,
  turnip: turnip,
  "winter-cress": winterCress,
  "winter-pea": winterPea,
  "winter-squash": winterSquash,
  witloof: witloof,
};
