import { useCombobox } from 'downshift';
import { useState } from 'react';
import { found, type WordOption } from './found';
import * as labels from './labels';

/** A choice in the middle of a sentence: a list that is searched by typing. */
export function Words({
  label,
  value,
  onPick,
  options,
}: {
  label: string;
  value: string;
  onPick: (id: string) => void;
  options: readonly WordOption[];
}) {
  const [typed, setTyped] = useState<string | null>(null);
  const chosen = options.find((o) => o.id === value) ?? null;
  const { shown, more } = found(options, typed, value);
  const box = useCombobox<WordOption>({
    items: shown,
    itemToString: (o) => o?.name ?? '',
    itemToKey: (o) => o?.id,
    selectedItem: chosen,
    inputValue: typed ?? chosen?.name ?? '',
    onSelectedItemChange: ({ selectedItem }) => {
      if (selectedItem && selectedItem.id !== value) onPick(selectedItem.id);
    },
    onIsOpenChange: ({ isOpen }) => {
      if (!isOpen) setTyped(null);
    },
    stateReducer: (state, { type, changes }) => {
      switch (type) {
        // What is typed is found at once; Enter takes the first.
        case useCombobox.stateChangeTypes.InputChange:
          return { ...changes, highlightedIndex: 0 };
        // A click sets the cursor; it does not close what is open.
        case useCombobox.stateChangeTypes.InputClick:
          return { ...changes, isOpen: true };
        // Leaving takes nothing that was not picked, and Escape keeps what was there.
        case useCombobox.stateChangeTypes.InputBlur:
        case useCombobox.stateChangeTypes.InputKeyDownEscape:
          return { ...changes, selectedItem: state.selectedItem, isOpen: false };
        default:
          return changes;
      }
    },
  });
  return (
    <span className="relative inline-block max-w-full">
      <input
        {...box.getInputProps({
          'aria-label': label,
          onFocus: (e) => e.currentTarget.select(),
          // At once, so that the cursor stays where it is.
          onChange: (e) => setTyped(e.currentTarget.value),
        })}
        className="blank-choice"
        spellCheck={false}
        size={Math.max(4, (typed ?? chosen?.name ?? '').length)}
      />
      <ul {...box.getMenuProps({ 'aria-label': label })} className={`word-list ${box.isOpen ? '' : 'hidden'}`}>
        {box.isOpen &&
          shown.map((o, index) => (
            <li
              key={o.id}
              {...box.getItemProps({ item: o, index })}
              className={box.highlightedIndex === index ? 'highlighted' : ''}
            >
              {o.name}
            </li>
          ))}
        {box.isOpen && (shown.length === 0 || more > 0) && (
          <li className="more" role="presentation">
            {shown.length === 0 ? labels.nothingFound : labels.typeForMore(more)}
          </li>
        )}
      </ul>
    </span>
  );
}
