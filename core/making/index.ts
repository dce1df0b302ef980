export { amendLot, countLetters, isUntouched, joinLots, partLot } from './afterwards';
export type { Amendment } from './afterwards';
export { asNew, decided, drop, put, refuse } from './act';
export type { Act, Deciding, Did, DidKind, NewEvent, Now, RecordWrite, Refusal } from './act';
export { EMPTY_BENCH, shelfOf, TABLES } from './bench';
export type { Bench, Records, TableName } from './bench';
export { isSame, withChanges } from './changes';
export type { Change } from './changes';
export { brandingStripOf, cutApartEvent, readParts, stripOffEvent } from './cutApart';
export type { Edge } from './cutApart';
export { cutOut } from './cutOut';
export { liesOnPiece, mayBeCut, noteHandCut } from './byHand';
export { peelOff } from './peeling';
export { earlier, fillPlace, printTo } from './places';
export { anotherVersion, copyPage, takeVersion, versionsOf } from './versions';
export { heartOf, photosFor } from './hearts';
export type { BegunWith, Heart } from './hearts';
export { beginRound, nearestFirst, pagesRound } from './round';
export type { RoundPage, RoundWish } from './round';
export { tellPage } from './telling';
export { inSchool, jobOf, layForSharing, onPlain } from './shareJob';
export { pagesToShare } from './toShare';
export type { Told, WentOn } from './telling';
export { dropNote, keepNote, markNote, notesForNext } from './noting';
export type { Noted, NoteOf } from './noting';
export { layTitle, markWorn } from './lettering';
export { layMat, matLine, papersForMat } from './matting';
export type { MatWish } from './matting';
export { imagesOf, PICTURED } from './imagesOf';
export type { CutOut } from './cutOut';
export { claimShareOut, dropSharing } from './claimShareOut';
export { closeKit, decideOn, openKit } from './closing';
export type { Decision } from './closing';
export { beginFurnished, furnish, furnishTogether } from './furnish';
export type { Bare, Furnished, FurnishWish } from './furnish';
export { gatherKit, putBack, putInto, takeKitApart } from './gathering';
export type { Claiming } from './claimShareOut';
export { cutEvent } from './cutEvent';
export { cutWindow, makeCut, makeCuts, noteMishap, takeFromMachine } from './cutting';
export { doAct, turnBack } from './doAct';
export type { Done, DoneAct, Turning } from './doAct';
export { finishPage, gluePage, putAway, putOnPage } from './finishing';
export { layOn, moveLaid, amendLaid, takeOff } from './laying';
export { layInItsPlace, roundsFor, thingsForRounds } from './ringOfThings';
export type { InItsPlace } from './ringOfThings';
export type { Laying } from './laying';
export { changeItem, nameItems } from './naming';
export type { Named } from './naming';
export { machineEvent } from './machineEvent';
export type { MachineWork } from './machineEvent';
export { isOnPart, mishapEvent } from './mishap';
export type { Mishap } from './mishap';
export { countOf, outFor } from './out';
export type { Chosen, Out } from './out';
export {
  anotherPaper,
  liftLayer,
  beginPage,
  beginStoryPages,
  changePage,
  chooseDesign,
  dropPage,
  newPage,
  paperInstead,
} from './pages';
export type { Begun, SomeOf } from './pages';
export { arrive, dropDraft, putParcelAway } from './parcels';
export { acceptPlan, releasePage, setPlanAside, takingOut } from './planning';
export { punchEvent } from './punchEvent';
export {
  addPhotos,
  beginAlbum,
  buyWish,
  changeAlbum,
  changeFace,
  changeKit,
  changeLot,
  changePhoto,
  changeStory,
  dropAlbum,
  dropDesign,
  dropMonthAim,
  dropRule,
  dropWish,
  keepDesign,
  keepMonthAim,
  keepRule,
  noteWish,
  pictureFace,
  removePhoto,
} from './records';
export { referencesOf } from './references';
export type { Reference } from './references';
export {
  bringBack,
  countAnew,
  cutInStash,
  joinLetters,
  moveTo,
  partWith,
  partWithSome,
  putRight,
  takeOut,
  takeSomeOut,
} from './stash';
export type { ChosenThings, Leaving, Recount } from './stash';
export { putScrapAway } from './scraps';
export type { Scrap } from './scraps';
export { windowEvent } from './windowEvent';
export { candidatesOf, nextOf, stampsOf, thingsToLay } from './toLay';
export type { ThingsToLay, ToLay } from './toLay';
export { smallGifts } from './smallGifts';
export type { AllowedThing, SmallGifts } from './smallGifts';
export { borrowedFor, pageRecord, piecesOn } from './pageRecord';
export type { CutOnPage, KitOnPage } from './pageRecord';
export { clustersFor } from './clustersFor';
export { changeWork, chooseTechniques, countAs, doStep, forgetIntention, keepIntention, meanFor } from './working';
export { mendsFor, setAsideRemark } from './mends';
export type { Mend } from './mends';
