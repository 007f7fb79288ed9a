import { useTypefaces } from '../../../api/looks';
import { ListPopover } from './ListPopover';
import { TypefaceList } from './TypefaceList';
import { TypefaceSample } from './TypefaceSample';

/** Chooses a typeface from a list with samples. */
export function TypefaceControl(props: { value: string; text: string; onNow: (family: string) => void }) {
  const typefaces = useTypefaces();
  const here = typefaces.data?.some((f) => f.name.toLowerCase() === props.value.toLowerCase());
  return (
    <ListPopover
      label={`Typeface: ${props.value}`}
      of="Typefaces"
      triggerClass="field block w-full px-2.5 py-1.5 text-left"
      contentClass="flex max-h-[76vh] flex-col"
      trigger={
        <>
          <TypefaceSample family={props.value} text={props.text} height={26} />
          <span className="text-tiny text-soft">
            {props.value}
            {here === false && <span className="text-accent"> is missing: another one is used</span>}
          </span>
        </>
      }
    >
      {(close) => (
        <TypefaceList
          value={props.value}
          text={props.text}
          onChoose={(family) => {
            props.onNow(family);
            close();
          }}
        />
      )}
    </ListPopover>
  );
}
