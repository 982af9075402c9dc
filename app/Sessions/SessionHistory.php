<?php

declare(strict_types=1);

namespace App\Sessions;

use App\Language\Sentence;
use App\Models\Session;
use App\Models\SessionChange;
use App\Support\Clock;

/** Writes down what happened to a session, by whom and when. */
final readonly class SessionHistory
{
    public function __construct(private Clock $clock)
    {
    }

    public function happened(Session $session, string $by, Sentence $what): void
    {
        SessionChange::query()->create([
            'business_id' => $session->business_id,
            'session_id' => $session->id,
            'by' => $by,
            'what' => $what->text(),
            'at' => $this->clock->now(),
        ]);
    }
}
