import { createElement, type HTMLAttributes, type Ref } from 'react';

type Tone = 'plain' | 'good' | 'trouble';

const TONES = {
  plain: 'border-river bg-river-wash',
  good: 'border-moss bg-moss-wash',
  trouble: 'border-clay bg-clay-wash',
};

/** What looks like a notice. */
export const noticeLook = (tone: Tone = 'plain'): string =>
  `border-s-[5px] rounded-e-lg px-[0.9rem] py-[0.6rem] ${TONES[tone]}`;

type Props = { as?: 'p' | 'div' | 'section' | 'blockquote'; tone?: Tone; ref?: Ref<HTMLElement> };

/** Something to be read before one goes on. */
export const Notice = ({ as = 'p', tone, className = '', ...rest }: Props & HTMLAttributes<HTMLElement>) =>
  createElement(as, { ...rest, className: `${noticeLook(tone)} ${className}` });
