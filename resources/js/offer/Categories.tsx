import { PictureField } from '../setup/PictureField';
import { RowEditor } from '../setup/RowEditor';
import { ThingRows } from '../setup/ThingRows';
import { useSetup } from '../setup/useSetup';
import { useThing } from '../setup/useThing';
import { Field } from '../ui/Field';

/** Headings under which services stand. */
export function Categories() {
  const { data } = useSetup();
  const rows = (data?.categories ?? []).map((one) => {
    const count = data?.services.filter((service) => service.category === one.id).length ?? 0;
    return { ...one, says: count === 1 ? '1 service' : `${count} services` };
  });
  return (
    <ThingRows
      list="categories"
      title="Categories"
      add="Add a category"
      empty="None yet. With more than a handful of services, headings help clients find theirs."
      rows={rows}
      editor={(id, onDone) => <Category id={id} onDone={onDone} />}
    />
  );
}

function Category({ id, onDone }: { id: string | null; onDone: () => void }) {
  const editing = useThing('category', id, { name: '', description: '', picture: null });
  const { content, set, wrong } = editing;
  if (content === null) {
    return <p role="status">Fetching the category</p>;
  }
  return (
    <RowEditor editing={editing} name={content.name} isNew={id === null} onDone={onDone}>
      <Field
        id="category-name"
        label="Name"
        maxLength={120}
        wrong={wrong['name']}
        value={content.name}
        onValue={(name) => set({ name })}
      />
      <Field
        id="category-description"
        label="What stands under it"
        lines={2}
        maxLength={500}
        wrong={wrong['description']}
        value={content.description}
        onValue={(description) => set({ description })}
      />
      <PictureField label="Picture" picture={content.picture} onPicture={(picture) => set({ picture })} />
    </RowEditor>
  );
}
