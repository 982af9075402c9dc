<?php

declare(strict_types=1);

namespace App\Models;

/** How a question is answered. */
enum QuestionType: string
{
    case Short = 'short';
    case Long = 'long';
    case Address = 'address';
    case Number = 'number';
    /** One of what it names. */
    case Choice = 'choice';
    /** Some of what it names. */
    case Choices = 'choices';
    case YesNo = 'yesno';
    case Date = 'date';
    case File = 'file';
    /** Not asked: a word of the link says it. */
    case Hidden = 'hidden';

    public function isChosen(): bool
    {
        return $this === self::Choice || $this === self::Choices;
    }

    /** Letters that fit. */
    public function longest(): int
    {
        return $this === self::Long ? 2000 : 300;
    }
}
