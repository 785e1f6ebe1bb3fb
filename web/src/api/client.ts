import { ask, bytes, json, send } from "./ask";
import type {
  Aspect,
  BeginWallTest,
  CardCut,
  CardFill,
  CardPlace,
  CardSlides,
  DeletedSet,
  DialMark,
  Difference,
  Finding,
  FrameAnswer,
  FrameQuestion,
  FrameRegistration,
  Highlights,
  Holes,
  KeepPhotograph,
  KeptPhotograph,
  Kit,
  Lamp,
  LearningAnswer,
  LearningQuestion,
  Lever,
  Lookbook,
  Marks,
  MeteringPoint,
  MeterPlace,
  MeterReading,
  MeterReadingTold,
  Move,
  NewMeterReading,
  NewTake,
  NextMove,
  OpenedPhotograph,
  PatternOpen,
  PhotographAnswer,
  PhotographMarks,
  PictureFileKind,
  PictureStops,
  Pin,
  PlaceLight,
  Plan,
  PowerGroup,
  PowerHelp,
  PowerReceiver,
  PracticeFrames,
  PracticeShot,
  Profile,
  Reading,
  ReadingKind,
  ReadingsAnswer,
  SameSoftness,
  Schools,
  Search,
  SearchQuestion,
  SetSheet,
  SetSummary,
  Sharper,
  Slit,
  Step,
  StoredFrame,
  StoredKit,
  StoredLookbook,
  StoredSet,
  StoredTake,
  TableSet,
  TemplateKind,
  TetherStatus,
  ThingsInFrame,
  Tick,
  ToneCurve,
  UsualSpreads,
  WallTest,
} from "./types";

export const api = {
  isUp: () =>
    fetch("/api/health").then(
      (response) => response.ok,
      () => false,
    ),
  listSets: () => json<SetSummary[]>("/api/sets"),
  openedSet: (id: string) => ask(`/api/sets/${id}/opened`, send("POST")),
  getSet: (id: string) => json<StoredSet>(`/api/sets/${id}`),
  setPicture: async (id: string, version: number, signal: AbortSignal) =>
    (await ask(`/api/sets/${id}/picture?version=${version}`, { signal })).blob(),
  addSet: (set: TableSet) => json<StoredSet>("/api/sets", send("POST", set)),
  saveSet: (id: string, version: number, set: TableSet) =>
    json<StoredSet>(`/api/sets/${id}`, send("PUT", { version, set })),
  copySet: (id: string) => json<StoredSet>(`/api/sets/${id}/copies`, send("POST")),
  deletedSets: () => json<DeletedSet[]>("/api/sets/deleted"),
  deleteSet: (id: string, version: number) =>
    ask(`/api/sets/${id}?version=${version}`, send("DELETE")),
  restoreSet: (id: string) => json<StoredSet>(`/api/sets/${id}/restore`, send("POST")),
  listTakes: (of: string) => json<StoredTake[]>(`/api/sets/${of}/takes`),
  addTake: (of: string, take: NewTake) =>
    json<StoredTake>(`/api/sets/${of}/takes`, send("POST", take)),
  putTakePicture: (id: string, picture: Blob, fine: boolean) =>
    ask(`/api/takes/${id}/picture?fine=${fine}`, bytes(picture, "PUT")),
  writeTakesFile: async (of: string) => (await ask(`/api/sets/${of}/takes-file`)).blob(),
  openTakesFile: (of: string, file: Blob) =>
    json<StoredTake[]>(`/api/sets/${of}/takes-files`, bytes(file)),
  renameTake: (id: string, name: string) =>
    json<StoredTake>(`/api/takes/${id}`, send("PUT", { name })),
  deleteTake: (id: string) => ask(`/api/takes/${id}`, send("DELETE")),
  restoreTake: (id: string) => json<StoredTake>(`/api/takes/${id}/restore`, send("POST")),
  openSetFile: (file: Blob) => json<TableSet>("/api/set-files", bytes(file)),
  openLampFile: (file: Blob) => json<Lamp>("/api/lamp-files", bytes(file)),
  writeLightFile: async (set: TableSet) =>
    (await ask("/api/light-files", send("POST", set))).blob(),
  writeModel: async (set: TableSet) => (await ask("/api/models", send("POST", set))).blob(),
  kit: () => json<StoredKit>("/api/kit"),
  saveKit: (version: number, kit: Kit) =>
    json<StoredKit>("/api/kit", send("PUT", { version, kit })),
  readyMade: () => json<Kit>("/api/kit/ready-made"),
  aspects: () => json<Aspect[]>("/api/aspects"),
  readyLooks: () => json<Lookbook>("/api/looks/ready-made"),
  lookbook: () => json<StoredLookbook>("/api/lookbook"),
  saveLookbook: (version: number, lookbook: Lookbook) =>
    json<StoredLookbook>("/api/lookbook", send("PUT", { version, lookbook })),
  openLookbookFile: (file: Blob) => json<Lookbook>("/api/lookbook-files", bytes(file)),
  ownLook: (set: TableSet, title: string, signal?: AbortSignal) =>
    json<Lookbook>(`/api/own-looks?${new URLSearchParams({ title })}`, send("POST", set, signal)),
  openPhotograph: (file: Blob) => json<OpenedPhotograph>("/api/photographs", bytes(file)),
  photograph: (id: string) => json<OpenedPhotograph>(`/api/photographs/${id}`),
  readPhotograph: (id: string, marks: PhotographMarks, signal?: AbortSignal) =>
    json<PhotographAnswer>(`/api/photographs/${id}/reading`, send("POST", marks, signal)),
  photographLook: (id: string, title: string, marks: PhotographMarks) => {
    const query = new URLSearchParams({ title });
    return json<Lookbook>(`/api/photographs/${id}/look?${query}`, send("POST", marks));
  },
  setSheet: (set: TableSet) => json<SetSheet>("/api/set-sheets", send("POST", set)),
  ticks: (set: string) => json<Tick[]>(`/api/sets/${set}/ticks`),
  putTicks: (set: string, ticks: Tick[]) =>
    json<Tick[]>(`/api/sets/${set}/ticks`, send("PUT", ticks)),
  listFrames: (set: string) => json<StoredFrame[]>(`/api/sets/${set}/frames`),
  addFrame: (set: string, name: string, file: Blob) =>
    json<StoredFrame>(`/api/sets/${set}/frames?${new URLSearchParams({ name })}`, bytes(file)),
  putFrameSet: (id: string, set: TableSet) =>
    json<StoredFrame>(`/api/frames/${id}/set`, send("PUT", set)),
  readFrame: (id: string, question: FrameQuestion, signal?: AbortSignal) =>
    json<FrameAnswer>(`/api/frames/${id}/reading`, send("POST", question, signal)),
  frameDifference: (id: string, signal?: AbortSignal) =>
    json<Difference>(`/api/frames/${id}/difference`, signal ? { signal } : {}),
  putFrameLit: (id: string, lit: boolean) =>
    json<StoredFrame>(`/api/frames/${id}/lit`, send("PUT", { lit })),
  putFrameCounts: (id: string, counts: boolean) =>
    json<StoredFrame>(`/api/frames/${id}/counts`, send("PUT", { counts })),
  putFrameRegistration: (id: string, registration: FrameRegistration) =>
    json<StoredFrame>(`/api/frames/${id}/registration`, send("PUT", registration)),
  deleteFrameRegistration: (id: string) =>
    json<StoredFrame>(`/api/frames/${id}/registration`, send("DELETE")),
  deleteFrameCounts: (id: string) => json<StoredFrame>(`/api/frames/${id}/counts`, send("DELETE")),
  learning: (question: LearningQuestion, signal?: AbortSignal) =>
    json<LearningAnswer>("/api/learning", send("POST", question, signal)),
  deleteFrame: (id: string) => ask(`/api/frames/${id}`, send("DELETE")),
  restoreFrame: (id: string) => json<StoredFrame>(`/api/frames/${id}/restore`, send("POST")),
  tether: () => json<TetherStatus>("/api/tether"),
  watchFolder: (set: string, folder: string) =>
    json<TetherStatus>("/api/tether", send("PUT", { set, folder })),
  stopWatching: () => json<TetherStatus>("/api/tether", send("DELETE")),
  practise: (set: string) => json<TetherStatus>(`/api/sets/${set}/practice-folder`, send("POST")),
  takePracticeFrame: (
    { kit, style, lit, bracket }: PracticeShot,
    set: TableSet,
    signal?: AbortSignal,
  ) => {
    const query = new URLSearchParams({
      kit: String(kit),
      style,
      lit: String(lit),
      bracket: String(bracket),
    });
    return json<PracticeFrames>(`/api/practice-frames?${query}`, send("POST", set, signal));
  },
  meterReadings: (set: string, signal?: AbortSignal) =>
    json<MeterReading[]>(`/api/sets/${set}/meter-readings`, signal ? { signal } : {}),
  addMeterReading: (set: string, asked: NewMeterReading, signal?: AbortSignal) =>
    json<MeterReadingTold>(`/api/sets/${set}/meter-readings`, send("POST", asked, signal)),
  readPracticeMeter: (kit: number, kind: MeterReading["kind"], set: TableSet) =>
    json<{ value: number }>(
      `/api/practice-meter?${new URLSearchParams({ kit: String(kit), kind })}`,
      send("POST", set),
    ),
  deleteMeterReading: (id: string) => ask(`/api/meter-readings/${id}`, send("DELETE")),
  /** Null where none is connected. */
  powerReceiver: async (signal?: AbortSignal) => {
    const answer = await ask("/api/power-receiver", signal ? { signal } : {});
    return answer.status === 204 ? null : ((await answer.json()) as PowerReceiver);
  },
  connectPowerReceiver: (address: string) =>
    json<PowerReceiver>("/api/power-receiver", send("PUT", { address })),
  practisePower: () => json<PowerReceiver>("/api/power-receiver/practice", send("POST")),
  disconnectPowerReceiver: () => ask("/api/power-receiver", send("DELETE")),
  setPower: (group: string, mark: string) =>
    json<PowerGroup>(
      `/api/power-receiver/groups/${encodeURIComponent(group)}`,
      send("PUT", { mark }),
    ),
  /** Null where none is under way. */
  wallTest: async (signal?: AbortSignal) => {
    const answer = await ask("/api/wall-test", signal ? { signal } : {});
    return answer.status === 204 ? null : ((await answer.json()) as WallTest);
  },
  beginWallTest: (asked: BeginWallTest, signal?: AbortSignal) =>
    json<WallTest>("/api/wall-test", send("PUT", asked, signal)),
  endWallTest: () => ask("/api/wall-test", send("DELETE")),
  addWallFrame: (shaper: string, file: Blob, signal?: AbortSignal) =>
    json<WallTest>(`/api/wall-test/frames?${new URLSearchParams({ shaper })}`, {
      ...bytes(file),
      ...(signal ? { signal } : {}),
    }),
  removeWallFrame: (shaper: string) =>
    json<WallTest>(`/api/wall-test/frames?${new URLSearchParams({ shaper })}`, send("DELETE")),
  takePracticeWallFrame: async (kit: number, shaper: string, signal?: AbortSignal) => {
    const query = new URLSearchParams({ kit: String(kit), shaper });
    return (
      await ask(`/api/wall-test/practice-frames?${query}`, send("POST", undefined, signal))
    ).blob();
  },
  toneCurves: (camera: string, signal?: AbortSignal) =>
    json<ToneCurve[]>(
      `/api/tone-curves?${new URLSearchParams({ camera })}`,
      signal ? { signal } : {},
    ),
  learnToneCurve: (frame: string, style: string, signal?: AbortSignal) =>
    json<ToneCurve[]>(`/api/frames/${frame}/tone-curve`, send("POST", { style }, signal)),
  putToneCurveInUse: (camera: string, style: string) =>
    json<ToneCurve[]>("/api/tone-curves/in-use", send("PUT", { camera, style })),
  deleteToneCurve: (camera: string, style: string) =>
    ask(`/api/tone-curves?${new URLSearchParams({ camera, style })}`, send("DELETE")),
  keptPhotographs: () => json<KeptPhotograph[]>("/api/kept-photographs"),
  keepPhotograph: (id: string, keep: KeepPhotograph) =>
    json<KeptPhotograph>(`/api/kept-photographs/${id}`, send("PUT", keep)),
  forgetPhotograph: (id: string) => ask(`/api/kept-photographs/${id}`, send("DELETE")),
  clientLook: (client: string, title: string) =>
    json<Lookbook>(`/api/client-looks?${new URLSearchParams({ client, title })}`),
  beginSearch: (question: SearchQuestion) => json<Search>("/api/searches", send("POST", question)),
  search: (id: string, signal?: AbortSignal) =>
    json<Search>(`/api/searches/${id}`, signal ? { signal } : {}),
  stopSearch: (id: string) => ask(`/api/searches/${id}`, send("DELETE")),
  usualSchools: () => json<Schools>("/api/schools"),
  nextMoves: (
    question: { set: TableSet; kit: Kit; pinned: Pin[]; schools: Schools },
    signal?: AbortSignal,
  ) => json<NextMove[]>("/api/next-moves", send("POST", question, signal)),
  usualSpreads: (kit: Kit, signal?: AbortSignal) =>
    json<UsualSpreads>("/api/usual-spreads", send("POST", kit, signal)),
  openKitFile: (file: Blob) => json<Kit>("/api/kit-files", bytes(file)),
  powerHelp: (set: TableSet, signal?: AbortSignal) =>
    json<PowerHelp[]>("/api/power-help", send("POST", set, signal)),
  dialMarks: (set: TableSet) => json<DialMark[]>("/api/dial-marks", send("POST", set)),
  placeLights: () => json<PlaceLight[]>("/api/place-lights"),
  roomLevel: (by: "METER" | "FRAME", value: number, set: TableSet) =>
    json<{ lux: number }>(`/api/room-levels?by=${by}&value=${value}`, send("POST", set)),
  sameSoftness: (set: TableSet, other: TableSet, signal?: AbortSignal) =>
    json<SameSoftness>("/api/same-softness", send("POST", { set, other }, signal)),
  marks: () => json<Marks>("/api/marks"),
  readingKinds: () => json<ReadingKind[]>("/api/reading-kinds"),
  readings: (set: TableSet, signal?: AbortSignal) =>
    json<ReadingsAnswer>("/api/readings", send("POST", set, signal)),
  readingsWhileMoving: (set: TableSet, signal?: AbortSignal) =>
    json<ReadingsAnswer>("/api/readings?moving=true", send("POST", set, signal)),
  move: (
    set: TableSet,
    reading: Reading["kind"],
    wanted: number,
    lever: Lever,
    signal?: AbortSignal,
  ) => {
    const query = new URLSearchParams({ reading, wanted: String(wanted), lever });
    return json<Move>(`/api/moves?${query}`, send("POST", set, signal));
  },
  plan: (set: TableSet, reachMetres: number, moving: boolean, signal?: AbortSignal) =>
    json<Plan>(`/api/plan?reachMetres=${reachMetres}&moving=${moving}`, send("POST", set, signal)),
  pictureStops: (set: TableSet, signal?: AbortSignal) =>
    json<PictureStops>("/api/picture-stops", send("POST", set, signal)),
  thingsInFrame: (set: TableSet, signal?: AbortSignal) =>
    json<ThingsInFrame>("/api/things-in-frame", send("POST", set, signal)),
  profile: (
    set: TableSet,
    line: Record<"fromAcross" | "fromDown" | "toAcross" | "toDown", number>,
  ) => {
    const ends = Object.entries(line).map(([end, at]) => [end, String(at)]);
    return json<Profile>(`/api/profiles?${new URLSearchParams(ends)}`, send("POST", set));
  },
  meterPlace: (set: TableSet, signal?: AbortSignal) =>
    json<MeterPlace>("/api/meter-places", send("POST", set, signal)),
  meteringPoint: ({ across, down }: { across: number; down: number }, set: TableSet) =>
    json<{ point: MeteringPoint }>(
      `/api/metering-points?across=${across}&down=${down}`,
      send("POST", set),
    ),
  highlight: (set: TableSet, signal?: AbortSignal) =>
    json<Highlights>("/api/highlights", send("POST", set, signal)),
  difference: (first: TableSet, second: TableSet, signal?: AbortSignal) =>
    json<Difference>("/api/differences", send("POST", { first, second }, signal)),
  pictureFile: async (
    kind: PictureFileKind,
    set: TableSet,
    off: string[] = [],
    {
      width,
      name,
      rollOff,
      inches,
      address,
      signal,
    }: {
      width?: number;
      name?: string;
      rollOff?: boolean;
      inches?: boolean;
      address?: string;
      signal?: AbortSignal;
    } = {},
  ) => {
    const query = new URLSearchParams({ kind, off: off.join(",") });
    if (width) query.set("width", String(width));
    if (name) query.set("name", name);
    if (rollOff === false) query.set("rollOff", "false");
    if (inches) query.set("lengths", "INCHES");
    if (address) query.set("address", address);
    return (await ask(`/api/picture-files?${query}`, send("POST", set, signal))).blob();
  },
  pictureProgress: (name: string) =>
    json<{ share: number | null }>(`/api/picture-files/${name}/progress`),
  findings: (set: TableSet, signal?: AbortSignal, kind?: Finding["kind"]) =>
    json<Finding[]>(`/api/findings${kind ? `?kind=${kind}` : ""}`, send("POST", set, signal)),
  steps: (set: TableSet) => json<Step[]>("/api/steps", send("POST", set)),
  cardFill: (set: TableSet, card: number, signal?: AbortSignal) =>
    json<CardFill>(`/api/card-fills?card=${card}`, send("POST", set, signal)),
  cardSlide: (set: TableSet, card: number, signal?: AbortSignal) =>
    json<CardSlides>(`/api/card-slides?card=${card}`, send("POST", set, signal)),
  cardCut: (set: TableSet, card: number) =>
    json<CardCut>(`/api/card-cuts?card=${card}`, send("POST", set)),
  placeCard: (set: TableSet, card: number, place: CardPlace) =>
    json<TableSet>(`/api/card-places?card=${card}&place=${place}`, send("POST", set)),
  placeSlit: (set: TableSet, signal?: AbortSignal) =>
    json<Slit>("/api/slit-placings", send("POST", set, signal)),
  softSun: (set: TableSet, signal?: AbortSignal) =>
    json<TableSet>("/api/soft-sun", send("POST", set, signal)),
  sharper: (set: TableSet, signal?: AbortSignal) =>
    json<Sharper[]>("/api/sharper", send("POST", set, signal)),
  openPatternFile: (file: File, widthMetres: number, open: PatternOpen) => {
    const query = new URLSearchParams({ name: file.name, widthMetres: String(widthMetres), open });
    return json<{ holes: Holes }>(`/api/pattern-files?${query}`, bytes(file));
  },
  templateFile: async (set: TableSet, card: number, kind: TemplateKind) =>
    (await ask(`/api/template-files?card=${card}&kind=${kind}`, send("POST", set))).blob(),
};
