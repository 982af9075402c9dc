<?php

declare(strict_types=1);

namespace App\Support;

use App\Language\Sentence;

/** A link that was good once: its time is over, or the business has made it void. A new one can be mailed. */
final class LinkTooOld extends Refusal
{
    public function __construct()
    {
        parent::__construct(new Sentence('refusal.link_old'), 410, 'link_old');
    }
}
