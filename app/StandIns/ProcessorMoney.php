<?php

declare(strict_types=1);

namespace App\StandIns;

use App\Support\Clock;
use App\Support\Column;
use Illuminate\Database\ConnectionInterface;
use Illuminate\Support\Str;
use stdClass;

/** What comes to and goes from the processor's stand-in for a shop, the fee it keeps, and what it pays out. */
final readonly class ProcessorMoney
{
    /** What it keeps of a payment: of each thousand, and beside it, in the minor unit. */
    private const FEE_OF_A_THOUSAND = 14;

    private const FEE = 25;

    public function __construct(private ConnectionInterface $db, private Clock $clock)
    {
    }

    /**
     * Once by its key.
     *
     * @param  int|null  $decidesIn seconds until it is decided; null: at once
     */
    public function write(string $checkout, string $key, string $kind, int $amount, ?int $decidesIn = null): void
    {
        $takesFee = in_array($kind, ['payment', 'charge'], true);
        $this->db
            ->table('stand_in_movements')
            ->insertOrIgnore([
                'key' => $key,
                'checkout' => $checkout,
                'kind' => $kind,
                'amount' => $amount,
                'fee' => $takesFee ? intdiv($amount * self::FEE_OF_A_THOUSAND + 500, 1000) + self::FEE : 0,
                'state' => $decidesIn === null ? 'done' : 'pending',
                'decides_at' => $decidesIn === null ? null : $this->clock->machine()->addSeconds($decidesIn),
                'at' => $this->clock->machine(),
            ]);
    }

    /** What became of a movement; null: there is none. */
    public function state(string $key): ?string
    {
        $state = $this->db->table('stand_in_movements')->where('key', $key)->value('state');

        return is_string($state) ? $state : null;
    }

    /** How much has been refunded or charged so far, or is about to be. */
    public function moved(string $id, string $kind): int
    {
        $amounts = $this->db
            ->table('stand_in_movements')
            ->where('checkout', $id)
            ->where('kind', $kind)
            ->where('state', '<>', 'failed')
            ->pluck('amount');

        return abs(array_sum(array_map(intval(...), Column::strings($amounts))));
    }

    /**
     * Refunds that waited have been decided by now.
     *
     * @param  string  $refusing the card whose refunds are refused
     */
    public function decide(string $refusing): void
    {
        $due = $this->db
            ->table('stand_in_movements')
            ->where('stand_in_movements.state', 'pending')
            ->where('decides_at', '<=', $this->clock->machine())
            ->join('stand_in_checkouts', 'stand_in_checkouts.id', '=', 'stand_in_movements.checkout')
            ->get(['stand_in_movements.key', 'stand_in_checkouts.card']);
        foreach ($due as $movement) {
            $this->db
                ->table('stand_in_movements')
                ->where('key', $movement->key)
                ->update(['state' => $movement->card === $refusing ? 'failed' : 'done']);
        }
    }

    /** Pays out all that came and went since the last time. */
    public function payOut(): void
    {
        $id = 'po_'.Str::lower((string) Str::ulid());
        $waiting = $this->db->table('stand_in_movements')->where('state', 'done')->whereNull('payout');
        if ((clone $waiting)->exists()) {
            $this->db->table('stand_in_payouts')->insert(['id' => $id, 'at' => $this->clock->now()]);
            $waiting->update(['payout' => $id]);
        }
    }

    /** @return list<array{id: string, at: string, items: list<array{checkout: string, amount: int, fee: int}>}> */
    public function payouts(string $after): array
    {
        $payouts = [];
        $rows = $this->db
            ->table('stand_in_payouts')
            ->where('id', '>', $after)
            ->orderBy('id')
            ->limit(20)
            ->get();
        foreach ($rows as $payout) {
            $items = $this->db->table('stand_in_movements')->where('payout', $payout->id)->orderBy('at')->get();
            $payouts[] = [
                'id' => $payout->id,
                'at' => str_replace(' ', 'T', $payout->at).'Z',
                'items' => array_values(
                    $items->map(
                        static fn (stdClass $item): array => [
                            'checkout' => $item->checkout,
                            'amount' => (int) $item->amount,
                            'fee' => (int) $item->fee,
                        ],
                    )->all(),
                ),
            ];
        }

        return $payouts;
    }

    /** What came and went before today is paid out, once a day. */
    public function daily(): void
    {
        $today = $this->clock->now()->startOfDay();
        $paidOut = $this->db->table('stand_in_payouts')->where('at', '>=', $today)->exists();
        $waits = $this->db
            ->table('stand_in_movements')
            ->where('state', 'done')
            ->whereNull('payout')
            ->where('at', '<', $today)
            ->exists();
        if (! $paidOut && $waits) {
            $this->payOut();
        }
    }
}
