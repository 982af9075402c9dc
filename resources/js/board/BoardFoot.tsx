import type { ReactNode } from 'react';
import type { Schemas } from '../lib/api';
import { addDays } from '../lib/format';
import { Button } from '../ui/Button';
import { inputLook } from '../ui/inputLook';
import { Wrong } from '../ui/Wrong';
import { Legend } from './Legend';
import { Palette } from './Palette';
import { useJump } from './useJump';
import { useNames } from '../ui/useNames';
import * as say from '@words/board';

type Props = { board: Schemas['Board']; shown: string; onGo: (date: string) => void; children: ReactNode };

/** Beneath the lanes: what the signs and keys are, and the way to another day. */
export function BoardFoot({ board, shown, onGo, children }: Props) {
  const names = useNames();
  const { field, typed, wrong, onChange, onSubmit } = useJump(shown, board.today, onGo);
  return (
    <div className="flex flex-wrap items-center gap-x-2.5 gap-y-2 text-sm text-soft">
      <Legend />
      <Palette shown={shown} today={board.today} onGo={onGo} />
      <Button id="hide-names" small aria-pressed={names.hidden} onClick={names.toggle}>
        {names.hidden ? say.showNames : say.hideNames}
      </Button>
      {children}
      <span className="flex-1" />
      <form className="flex items-center gap-2" onSubmit={onSubmit}>
        <label htmlFor="go-to">{say.goTo}</label>
        <input
          id="go-to"
          ref={field}
          className={inputLook('small')}
          size={12}
          maxLength={40}
          placeholder={say.goToLike}
          autoComplete="off"
          aria-invalid={wrong}
          value={typed}
          onChange={onChange}
        />
        {wrong && <Wrong role="alert">{say.noSuchDay}</Wrong>}
      </form>
      <Button small onClick={() => onGo(addDays(shown, -1))}>
        {say.dayBefore}
      </Button>
      <Button small onClick={() => onGo(board.today)}>
        {say.today}
      </Button>
      <Button small onClick={() => onGo(addDays(shown, 1))}>
        {say.dayAfter}
      </Button>
    </div>
  );
}
