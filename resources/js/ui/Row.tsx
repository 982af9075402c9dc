import type { ComponentProps } from 'react';
import { Link } from 'react-router';

const ROW = 'flex min-h-12 flex-wrap items-center gap-x-4 gap-y-[0.35rem] px-2 py-[0.4rem]';

/** A list with a line each. */
export const Rows = (props: ComponentProps<'ul'>) => (
  <ul {...props} className="grid border-t border-line *:border-b *:border-line" />
);

/** A line: its name, facts and, at its end, what can be done with it. */
export const Row = ({ lit = false, className = '', ...rest }: { lit?: boolean } & ComponentProps<'div'>) => (
  <div {...rest} className={`${ROW} ${lit ? 'hover:bg-brass-wash' : ''} ${className}`} />
);

/** A line that leads to a page of its own. */
export const RowLink = (props: ComponentProps<typeof Link>) => (
  <Link {...props} className={`${ROW} group text-inherit no-underline hover:bg-brass-wash`} />
);

const NAME = 'min-w-46 font-bold in-[.side-by-side]:min-w-34';

export const RowName = (props: ComponentProps<'b'>) => (
  <b {...props} className={`${NAME} group-hover:underline group-hover:underline-offset-3`} />
);

/** The name where only it leads on. */
export const RowNameLink = (props: ComponentProps<typeof Link>) => <Link {...props} className={NAME} />;

const FACT = 'text-soft in-[.side-by-side]:min-w-0 in-[.side-by-side]:wrap-anywhere';
const WIDTHS = { wide: 'min-w-22 flex-[1_1_10rem]', plain: 'min-w-22 first-of-type:min-w-24' };

/** `wide` takes what is left of the line. */
export const RowFact = ({ wide = false, className = '', ...rest }: { wide?: boolean } & ComponentProps<'span'>) => (
  <span {...rest} className={`${FACT} ${wide ? WIDTHS.wide : WIDTHS.plain} ${className}`} />
);

export const RowEnd = ({ className = '', ...rest }: ComponentProps<'span'>) => (
  <span {...rest} className={`ms-auto flex flex-wrap items-center gap-2 ${className}`} />
);
