<?php

declare(strict_types=1);

namespace App\Sessions;

use App\Language\Sentence;
use App\Models\Business;
use App\Models\Lock;
use App\Models\Session;
use App\Support\Clock;
use App\Support\Instants;
use App\Support\Refusal;
use App\Times\Claims;
use App\Times\TellTimeOpened;
use App\Times\TimeOpened;
use Illuminate\Database\ConnectionInterface;
use Illuminate\Database\Query\JoinClause;
use YardBell\Core\Booking\State;

/**
 * Cancels a session, or it and all later ones of its series: from then on nobody can book it, and its people are free.
 * Those who have booked are told, and given back what they paid, by FollowUp. Doing it twice does what doing it once
 * does.
 */
final readonly class CancelSessions
{
    public function __construct(
        private ConnectionInterface $db,
        private Claims $claims,
        private Clock $clock,
        private SessionHistory $history,
        private TellTimeOpened $tell,
    ) {
    }

    /**
     * @param  bool  $later all later ones of its series with it
     * @param  string  $why a word to those who booked
     * @param  bool  $told whether they are mailed
     * @param  string|null  $seen whom and what it concerns, as it was shown (tried); null: it was not
     *
     * @throws Refusal where it has begun, or would concern others, or other money, than was shown
     */
    public function __invoke(
        Business $business,
        Session $session,
        bool $later,
        string $why,
        bool $told,
        string $by,
        ?string $seen = null,
    ): void {
        $this->db->transaction(function () use ($business, $session, $later, $why, $told, $by, $seen): void {
            $ids = self::which($session->refresh(), $later);
            foreach (Session::query()->where('business_id', $business->id)->findMany($ids) as $one) {
                // whoever holds a place in it holds this first
                $this->claims->take(
                    $business,
                    [$one->id],
                    Instants::minute($one->taken_from),
                    Instants::minute($one->taken_until),
                );
            }
            $sessions = Lock::on(
                Session::query()->where('business_id', $business->id)->whereKey($ids)->orderBy('starts_at'),
            )->get();
            $scheduled = $sessions->where('state', 'scheduled'); // none: pressed twice
            if ($scheduled->isNotEmpty() && $seen !== null && $seen !== $this->effect($business, $ids)['seen']) {
                throw new Refusal(new Sentence('refusal.session.otherwise'), 409, 'meanwhile');
            }
            foreach ($scheduled as $one) {
                $this->one($one, $why, $told, $by);
            }
        }, attempts: 5);
    }

    /**
     * What it would do: nothing is done.
     *
     * @return array{sessions: int, bookings: int, people: int, back: int, currency: string, seen: string} back: what
     *   was paid, and goes back; seen: tells this from any other
     */
    public function tried(Business $business, Session $session, bool $later): array
    {
        return $this->effect($business, self::which($session, $later));
    }

    /**
     * @param  list<string>  $ids
     * @return array{sessions: int, bookings: int, people: int, back: int, currency: string, seen: string}
     */
    private function effect(Business $business, array $ids): array
    {
        $sums = $this->db
            ->table('bookings')
            ->where('bookings.business_id', $business->id)
            ->whereIn('session_id', $ids)
            ->whereIn('state', self::states())
            ->leftJoin('sales', static fn (JoinClause $join) => $join
                ->on('sales.business_id', '=', 'bookings.business_id')
                ->on('sales.id', '=', 'bookings.sale_id'))
            ->selectRaw('count(*) as bookings, cast(coalesce(sum(party), 0) as int) as people')
            ->selectRaw('cast(coalesce(sum(sales.paid - sales.back), 0) as int) as back')
            ->first();

        $effect = [
            'sessions' => count($ids),
            'bookings' => $sums->bookings ?? 0,
            'people' => $sums->people ?? 0,
            'back' => $sums->back ?? 0,
            'currency' => $business->currency,
        ];

        return $effect + ['seen' => substr(hash('sha256', (string) json_encode([$ids, $effect])), 0, 16)];
    }

    /** @return list<State> in which a booking can be cancelled */
    public static function states(): array
    {
        return array_values(
            array_filter(State::cases(), static fn (State $one): bool => $one->mayBecome(State::Cancelled)),
        );
    }

    /** @return list<string> ids of it, and of all later ones that are not cancelled */
    public static function which(Session $session, bool $later): array
    {
        if (! $later || $session->series_id === null) {
            return [$session->id];
        }
        $ids = Session::query()
            ->where('business_id', $session->business_id)
            ->where('series_id', $session->series_id)
            ->where('state', 'scheduled')
            ->where('starts_at', '>=', $session->starts_at)
            ->orderBy('starts_at')
            ->orderBy('id')
            ->pluck('id')
            ->all();

        return array_values(array_filter($ids, is_string(...)));
    }

    private function one(Session $session, string $why, bool $told, string $by): void
    {
        if ($session->starts_at <= $this->clock->now()) {
            throw new Refusal(new Sentence('refusal.session.over'), 409, 'too_late');
        }
        $session->update(['state' => 'cancelled', 'follow_up' => ['by' => $by, 'why' => $why, 'told' => $told]]);
        $this->history->happened(
            $session,
            $by,
            new Sentence('history.session.cancelled', ['hasWhy' => $why === '' ? 'no' : 'yes', 'why' => $why]),
        );
        foreach ([...$session->staff_ids, ...$session->units] as $taker) {
            $this->tell->opened(new TimeOpened(
                $session->business_id,
                $taker,
                Instants::minute($session->taken_from),
                Instants::minute($session->taken_until),
            ));
        }
    }
}
