import { useState } from 'react';
import { View } from 'react-native';
import { diaryLine, diaryOf, type DiaryEntry, type Progress, type Tick } from '@hoppla/core/record';
import { MOST_PHOTOS, type PhotoTaken } from '@hoppla/core/toy';
import { Field, Num, PlainButton, ProblemLine, Quiet, Sheet, Words } from '../../controls';
import { chooseFile, keepRecord, newId, note, smallPicture } from '../../documents';
import { usePalette } from '../../theme';
import { useToy } from '../frame/useToy';
import { screenWords } from '../../words';
import { dayOf, timeOfDay } from './when';

const say = screenWords.diary;
/** So many lines stand there at once; older ones come when they are asked for. */
const SHOWN = 60;

/** Everything that was done at this toy, newest first: what is ticked, counted, measured, cut, written down and changed, and photos. */
export function DiarySheet({
  ticks,
  progress,
  now,
  onClose,
}: {
  ticks: readonly Tick[];
  progress: Progress;
  now: Tick | undefined;
  onClose: () => void;
}) {
  const { file } = useToy();
  const [shown, setShown] = useState(SHOWN);
  const story = diaryOf(file, ticks).reverse();
  const days = byDay(story.slice(0, shown));
  return (
    <Sheet title={say.open} onClose={onClose}>
      <WriteDown now={now} />
      <AddPhoto now={now} making={progress.making} />
      {story.length === 0 ? <Quiet>{say.none}</Quiet> : null}
      {days.map(({ day, entries }, k) => (
        <View key={`${day} ${k}`} style={{ gap: 6 }}>
          <Words fontWeight="700" role="heading" aria-level={3}>
            {day}
          </Words>
          {entries.map((entry, line) => (
            <Line key={line} entry={entry} several={progress.making > 1} />
          ))}
        </View>
      ))}
      {story.length > shown ? (
        <View style={{ flexDirection: 'row' }}>
          <PlainButton label={say.older(story.length - shown)} onPress={() => setShown(shown + SHOWN)} />
        </View>
      ) : null}
    </Sheet>
  );
}

/** Entries of one day after the other. */
function byDay(story: readonly DiaryEntry[]): { day: string; entries: DiaryEntry[] }[] {
  const days: { day: string; entries: DiaryEntry[] }[] = [];
  for (const entry of story) {
    const day = entry.at === null ? say.withoutTime : dayOf(entry.at);
    if (days.at(-1)?.day !== day) days.push({ day, entries: [] });
    days.at(-1)!.entries.push(entry);
  }
  return days;
}

/** What the maker writes down at the step that is made now. */
function WriteDown({ now }: { now: Tick | undefined }) {
  const { writing } = useToy();
  const [typed, setTyped] = useState('');
  const words = typed.trim();
  const keep = () => {
    if (words === '') return;
    note({ what: 'noted', key: now?.key ?? null, words });
    setTyped('');
  };
  return (
    <View style={{ flexDirection: 'row', flexWrap: 'wrap', alignItems: 'flex-end', gap: 8 }}>
      <Field
        label={say.write}
        value={typed}
        onChange={setTyped}
        onDone={keep}
        placeholder={say.placeholder}
        most={300}
      />
      <PlainButton label={say.keep} disabled={!writing || words === ''} onPress={keep} />
    </View>
  );
}

/** A photo of the piece as it is now. */
function AddPhoto({ now, making }: { now: Tick | undefined; making: number }) {
  const { file, writing } = useToy();
  const [wrong, setWrong] = useState<string | null>(null);
  const full = file.photos.length >= MOST_PHOTOS;
  const choose = async () => {
    const given = await chooseFile('image/*');
    if (!given) return;
    const picture = await smallPicture(given.bytes);
    setWrong(picture ? null : given.name);
    if (!picture) return;
    const photo: PhotoTaken = {
      id: newId(),
      at: new Date().toISOString(),
      making,
      key: now?.key ?? null,
      picture,
    };
    keepRecord((so) => ({ ...so, photos: [...so.photos, photo].slice(0, MOST_PHOTOS) }));
  };
  return (
    <View style={{ gap: 6 }}>
      <View style={{ flexDirection: 'row' }}>
        <PlainButton label={say.addPhoto} disabled={!writing || full} onPress={() => void choose()} />
      </View>
      {full ? <Quiet>{say.photosFull(MOST_PHOTOS)}</Quiet> : null}
      {wrong === null ? null : (
        <ProblemLine where={say.addPhoto} sentence={screenWords.photo.notAPicture(wrong)} severity="error" />
      )}
    </View>
  );
}

/** One thing that was done, with its time; a photo with the way to take it away. */
function Line({ entry, several }: { entry: DiaryEntry; several: boolean }) {
  const c = usePalette();
  const { model, writing } = useToy();
  const photo = entry.what === 'photo' ? entry.photo : null;
  const name = photo ? say.photoOf(`${dayOf(photo.at)}, ${timeOfDay(photo.at)}`) : '';
  const own = entry.what === 'deed' && entry.deed.what === 'noted';
  return (
    <View
      style={{
        flexDirection: 'row',
        gap: 10,
        paddingTop: 6,
        borderTopWidth: 1,
        borderTopColor: c.line,
      }}
    >
      <Num color={c.ink2} fontSize={16} lineHeight={24} minWidth={52}>
        {entry.at === null ? '' : timeOfDay(entry.at)}
      </Num>
      <View style={{ flex: 1, gap: 6 }}>
        {photo ? (
          <>
            <img
              src={photo.picture}
              alt={name}
              style={{ maxWidth: '100%', maxHeight: 220, objectFit: 'contain', alignSelf: 'flex-start' }}
            />
            <View style={{ flexDirection: 'row' }}>
              <PlainButton
                label={say.takeAway(timeOfDay(photo.at))}
                disabled={!writing}
                onPress={() =>
                  keepRecord((so) => ({ ...so, photos: so.photos.filter((p) => p.id !== photo.id) }))
                }
              />
            </View>
          </>
        ) : (
          <Words fontWeight={own ? '600' : '400'}>{diaryLine(model, entry)}</Words>
        )}
      </View>
      {several ? <Quiet>{say.making(entry.making)}</Quiet> : null}
    </View>
  );
}
