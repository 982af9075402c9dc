<?php

declare(strict_types=1);

namespace App\Outbox;

use App\Models\Audience;

/** To whom something goes, and where its channel reaches them: a mail address, a checkout of the processor. */
final readonly class Recipient
{
    public function __construct(public Audience $audience, public string $address)
    {
    }
}
