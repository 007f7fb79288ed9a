import type { components } from './schema';

type Schemas = components['schemas'];

export type Clip = Schemas['ClipView'];
export type Since = Schemas['SinceView'];
export type WorkView = Schemas['WorkView'];
export type Session = Schemas['SessionView'];
export type Person = Schemas['PersonView'];
export type AuditEntry = Schemas['AuditEntry'];
export type Passkey = Schemas['PasskeyView'];
export type RecoveryCodes = Schemas['RecoveryCodes'];
export type SecondStepBegun = Schemas['Begun'];
export type Role = Person['role'];
export type Invitation = Schemas['InvitationView'];
export type Joining = Schemas['JoiningView'];
export type InvitationLink = Schemas['LinkView'];
export type Review = Schemas['ReviewView'];
export type Remark = Schemas['RemarkView'];
export type Shared = Schemas['SharedView'];
export type SharedCue = Schemas['SharedCue'];
export type SharedRow = Schemas['SharedRow'];
export type SharedStage = Schemas['SharedStage'];
export type Footage = Schemas['FootageView'];
export type Worker = Schemas['WorkerView'];
export type Storage = Schemas['StorageView'];
export type Going = Schemas['GoingView'];
export type Retention = Schemas['Retention'];
export type Frame = Schemas['Frame'];
export type FrameLayout = Schemas['FrameLayout'];
export type Focus = Schemas['Focus'];
export type Bars = Schemas['Bars'];
export type Zone = Schemas['Zone'];
export type SafeZones = Schemas['SafeZones'];
export type OwnPicture = Schemas['PictureRow'];
/** A track as the page holds it: its head and its cues side by side. */
export type Headline = Schemas['Headline'];
export type Presence = Schemas['PresenceRow'];
export type Track = Schemas['TrackHead'] & { cues: Cue[] };
export type TrackView = Schemas['TrackView'];
export type TrackPatch = Schemas['TrackPatch'];
export type Cue = Schemas['CueView'];
export type Word = Schemas['WordView'];
export type Job = Schemas['JobView'];
export type WordsRequest = Schemas['WordsRequest'];
export type BroughtIn = Schemas['BroughtIn'];
export type Unscripted = Schemas['Unscripted'];
export type PolicyView = Schemas['PolicyView'];
export type Policy = Schemas['RewriteByPolicy']['policy'];
export type Language = Schemas['LanguageView'];
export type ScenePatch = Schemas['ScenePatch'];
export type CaptionFormat = Schemas['FormatView'];
export type Glossary = Schemas['GlossaryView'];
export type Recipes = Schemas['RecipesView'];
export type Client = Schemas['ClientRow'];
export type Reading = Schemas['ReadingView'];
export type Workshop = Schemas['WorkshopView'];
export type Preview = Schemas['PreviewView'];
export type Place = Schemas['Place'];
export type SpellingView = Schemas['SpellingView'];
export type HistoryStep = Schemas['HistoryRow'];
export type Recipe = Schemas['Recipe'];
export type Style = Schemas['StyleView'];
export type Look = Omit<Schemas['Patch'], 'fill' | 'outlines' | 'shadows' | 'plates'> & {
  fill?: Ink;
  outlines?: TextOutline[];
  shadows?: TextShadow[];
  plates?: Backing[];
};
export type Ink = (Schemas['Flat'] & { kind: 'flat' }) | (Schemas['Blend'] & { kind: 'blend' });
export type TextOutline = Omit<Schemas['TextOutline'], 'ink'> & { ink: Ink };
export type TextShadow = (Schemas['Soft'] & { kind: 'soft' }) | (Schemas['Long'] & { kind: 'long' });
export type Backing = Omit<Schemas['Backing'], 'fill'> & { fill: Ink };
export type Facet = Schemas['FacetView'];
export type ValueParts = Schemas['ValueParts'];
export type ValuePart = Schemas['ValuePart'];
export type FacetGroup = Schemas['GroupView'];
export type LookView = Omit<Schemas['LookView'], 'look'> & { look: Look };
export type Origin = Schemas['OriginView']['origin'];
export type Typeface = Schemas['Family'];
export type Motion = Schemas['MotionView'];
export type Suggestion = Schemas['SuggestionView'];
export type Sticker = Schemas['StickerRow'];
export type Emoji = Schemas['EmojiView'];
export type EmojiSuggestion = Schemas['EmojiSuggestionView'];
export type Curve = Schemas['CurveView'];
export type CurvePreset = Schemas['Preset'];
export type OwnFont = Schemas['FontView'];
export type StyleFileView = Schemas['StyleFileView'];
export type Scene = Schemas['Scene'];
export type Quality = Schemas['QualityView'];
export type Part = Schemas['Part'];
export type Box = Schemas['Box'];
export type Pose = Schemas['Pose'];
export type Group = Schemas['Group'];
export type Glyphs = Schemas['Glyphs'];
export type Plate = Schemas['Plate'];
export type Picture = Schemas['Picture'];
export type PictureLayer = Schemas['PictureLayer'];
export type Pixels = Schemas['Pixels'];
export type Mark = Group | Glyphs | Plate | Picture;
export type Shadow = Schemas['Shadow'];
export type PaintLayer = Shadow | Schemas['Outline'] | Schemas['Fill'];
export type Paint = Schemas['Solid'] | Schemas['Linear'] | Schemas['Radial'];
export type Tracks = Schemas['Tracks'];
export type NumberTrack = Schemas['NumberTrack'];
export type ColourTrack = Schemas['ColourTrack'];

export type Receipt = Schemas['Receipt'];
export type SizeOffer = Schemas['SizeView'];
export type Estimated = Schemas['EstimateView'];
export type Output = Schemas['OutputView'];
export type Asked = Schemas['OrderAsked'];
export type How = Schemas['How'];
export type Plan = Schemas['PlanView'];
export type PlanLine = Schemas['PlanLine'];
export type OrderRow = Schemas['OrderRow'];
export type OrderView = Schemas['OrderView'];
export type OrderLine = Schemas['OrderLine'];
export type OrderedStage = Schemas['OrderedStage'];
export type Choices = Schemas['ChoicesView'];
export type CutView = Schemas['CutView'];
export type CalmProposal = Schemas['Proposal'];
export type Found = Schemas['Found'];
export type Finding = Schemas['Finding'];
export type Remedy = Schemas['Remedy'];
export type CheckKind = Schemas['KindView'];
export type Limits = Schemas['Limits'];

export type Edit =
  | Schemas['RetypeCue']
  | Schemas['SplitCue']
  | Schemas['JoinCues']
  | Schemas['MoveWord']
  | Schemas['BreakLine']
  | Schemas['DeleteCues']
  | Schemas['SetEmphasis']
  | Schemas['PutEmoji']
  | Schemas['ConfirmWords']
  | Schemas['ConfirmConfidentWords']
  | Schemas['SetLanguage']
  | Schemas['RetimeWord']
  | Schemas['ShiftCues']
  | Schemas['MoveEdge']
  | Schemas['NudgeWords']
  | Schemas['ShiftAfter']
  | Schemas['StretchCues']
  | Schemas['SetCueTime']
  | Schemas['BridgeGaps']
  | Schemas['TrimToSpeech']
  | Schemas['HoldAtLeast']
  | Schemas['AddCue']
  | Schemas['ReplaceText']
  | Schemas['JoinRun']
  | Schemas['BalanceLines']
  | Schemas['ReleaseBreaks']
  | Schemas['Rebreak']
  | Schemas['Restyle']
  | (Omit<Schemas['ChangeLook'], 'look'> & { look?: Look })
  | Schemas['Reframe']
  | Schemas['Lock']
  | Schemas['AcceptUnscripted']
  | Schemas['DropUnscripted']
  | Schemas['DropWords']
  | Schemas['Shorten']
  | Schemas['ApplyRemedies']
  | Schemas['DismissFinding']
  | Schemas['FollowVoice']
  | Schemas['PutHeadline']
  | Schemas['DropHeadline']
  | Schemas['RewriteByPolicy'];
