<?php

declare(strict_types=1);

namespace App\Ledger;

/** What somebody counted in the drawer at the end of a day. Amounts in the minor unit. */
final readonly class Count
{
    /** @param  int  $banked what of it is taken out to the bank */
    public function __construct(public int $counted, public int $banked = 0, public string $note = '')
    {
    }
}
