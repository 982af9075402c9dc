<?php

declare(strict_types=1);

namespace App\Sessions;

use App\Language\Sentence;
use App\Models\Session;
use App\Models\SessionChange;
use App\Support\Clock;
use App\Support\Refusal;

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

    /** Its version: its latest line, as every act writes one. */
    public static function version(Session $session): string
    {
        return (string) (self::latest($session)->id ?? 0);
    }

    /** @throws Refusal where somebody was quicker */
    public function mustBe(Session $session, ?string $seen): void
    {
        $latest = self::latest($session);
        if ($seen !== null && $latest !== null && $seen !== (string) $latest->id) {
            throw new Refusal(
                new Sentence('refusal.booking.meanwhile', [
                    'who' => $latest->by,
                    'what' => Sentence::read($latest->what) ?? $latest->what,
                ]),
                409,
                'meanwhile',
            );
        }
    }

    private static function latest(Session $session): ?SessionChange
    {
        return SessionChange::query()
            ->where('business_id', $session->business_id)
            ->where('session_id', $session->id)
            ->orderByDesc('id')
            ->first();
    }
}
