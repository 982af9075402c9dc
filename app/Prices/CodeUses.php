<?php

declare(strict_types=1);

namespace App\Prices;

use App\Models\Booking;
use App\Models\Business;
use App\Models\OfferCode;
use App\Prices\Contents\OfferCodeContent;
use App\Support\Clock;
use App\Support\Instants;
use App\Support\Mutex;
use Illuminate\Database\ConnectionInterface;
use Illuminate\Database\Eloquent\Collection;
use Illuminate\Database\Query\Builder;
use YardBell\Core\Booking\State;
use YardBell\Core\Price\CodeUse;
use YardBell\Core\Price\OfferCode as Rules;

/** Which bookings use which codes, and so how often each has been used: by those that hold time (rules.md T8, P7). */
final readonly class CodeUses
{
    /** The parts of a visit are one order, and one use. */
    private const ORDER = 'coalesce(bookings.visit_id, bookings.id)';

    public function __construct(private ConnectionInterface $db, private Clock $clock, private Mutex $turn)
    {
    }

    /**
     * The business's codes with their uses by other orders than this booking's. Within a transaction those that are
     * named are taken by one after the other: the last use goes to one.
     *
     * @param  Booking|null  $booking null: all are counted
     * @param  list<string>  $named as they were typed
     * @return array<string, Rules> by id
     */
    public function counted(Business $business, ?Booking $booking = null, array $named = []): array
    {
        $rows = OfferCode::query()->where('business_id', $business->id)->orderBy('position')->orderBy('id')->get();
        $this->takeTurns($business, $rows, $named);
        $used = $this->used($business, $booking);
        $codes = [];
        foreach ($rows as $row) {
            $usedBy = $row->used_by_before;
            foreach ($used[$row->id] ?? [] as $client => $times) {
                $usedBy[$client] = ($usedBy[$client] ?? 0) + $times;
            }
            unset($usedBy['']);
            $codes[$row->id] = OfferCodeContent::of($row)->toCore(
                $row->id,
                $row->used_before + array_sum($used[$row->id] ?? []),
                $usedBy,
            );
        }

        return $codes;
    }

    /**
     * @param  Collection<int, OfferCode>  $rows
     * @param  list<string>  $named
     */
    private function takeTurns(Business $business, Collection $rows, array $named): void
    {
        if ($this->db->transactionLevel() === 0) {
            return;
        }
        $typed = array_map(static fn (string $code): string => mb_strtolower(trim($code)), $named);
        foreach ($rows as $row) {
            if (in_array(mb_strtolower($row->code), $typed, true)) {
                $this->turn->take($business->id, "CODE {$row->id}");
            }
        }
    }

    /** @return array<string, int> uses so far, by code: what its list shows */
    public function sofar(Business $business): array
    {
        return array_map(array_sum(...), $this->used($business, null));
    }

    /** @param  list<CodeUse>  $uses */
    public function put(Booking $booking, array $uses): void
    {
        $this->db
            ->table('code_uses')
            ->where('business_id', $booking->business_id)
            ->where('booking_id', $booking->id)
            ->delete();
        foreach ($uses as $use) {
            if ($use->code !== null && $use->isApplied()) {
                $this->db->table('code_uses')->insert([
                    'business_id' => $booking->business_id,
                    'booking_id' => $booking->id,
                    'code_id' => $use->code->id,
                ]);
            }
        }
    }

    /** @return array<string, array<string, int>> by code and client, "" where nobody is known yet; that hold time */
    private function used(Business $business, ?Booking $but): array
    {
        $rows = $this->db
            ->table('code_uses')
            ->join('bookings', 'bookings.id', '=', 'code_uses.booking_id')
            ->where('code_uses.business_id', $business->id)
            ->whereRaw(self::ORDER.' <> ?', [$but->visit_id ?? $but->id ?? ''])
            ->whereNotIn('bookings.state', State::OVER)
            ->where(
                fn (Builder $query) => $query
                    ->where('bookings.state', '<>', 'held')
                    ->orWhere('bookings.held_until', '>', Instants::toDatabase($this->clock->minute())),
            )
            ->groupBy('code_id', 'client_id')
            ->selectRaw('code_id, client_id, count(distinct '.self::ORDER.') as used')
            ->get();
        $used = [];
        foreach ($rows as $row) {
            $used[(string) $row->code_id][(string) $row->client_id] = (int) $row->used;
        }

        return $used;
    }

    /** @return list<string> the codes a booking was quoted with */
    public static function soldWith(Booking $booking): array
    {
        return array_column(
            array_filter($booking->lines, static fn (array $line): bool => $line['kind'] === 'code'),
            'label',
        );
    }
}
