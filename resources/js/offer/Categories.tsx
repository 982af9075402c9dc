import { PictureField } from '../setup/PictureField';
import { RowEditor } from '../setup/RowEditor';
import { ThingRows } from '../setup/ThingRows';
import { useSetup } from '../setup/useSetup';
import { useThing } from '../setup/useThing';
import { Field } from '../ui/Field';
import * as say from '@words/offer';

/** Headings under which services stand. */
export function Categories() {
  const { data } = useSetup();
  const rows = (data?.categories ?? []).map((one) => {
    const count = data?.services.filter((service) => service.category === one.id).length ?? 0;
    return { ...one, says: say.servicesCount({ count }) };
  });
  return (
    <ThingRows
      list="categories"
      title={say.categories}
      add={say.addCategory}
      empty={say.noneYetWithMore}
      rows={rows}
      editor={(id, onDone) => <Category id={id} onDone={onDone} />}
    />
  );
}

function Category({ id, onDone }: { id: string | null; onDone: () => void }) {
  const editing = useThing('category', id, { name: '', description: '', picture: null });
  const { content, set, wrong } = editing;
  if (content === null) {
    return <p role="status">{say.fetchingCategory}</p>;
  }
  return (
    <RowEditor editing={editing} name={content.name} isNew={id === null} onDone={onDone}>
      <Field
        id="category-name"
        label={say.name}
        maxLength={120}
        wrong={wrong['name']}
        value={content.name}
        onValue={(name) => set({ name })}
      />
      <Field
        id="category-description"
        label={say.whatStandsUnder}
        lines={2}
        maxLength={500}
        wrong={wrong['description']}
        value={content.description}
        onValue={(description) => set({ description })}
      />
      <PictureField label={say.picture} picture={content.picture} onPicture={(picture) => set({ picture })} />
    </RowEditor>
  );
}
