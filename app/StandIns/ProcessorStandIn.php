<?php

declare(strict_types=1);

namespace App\StandIns;

use App\Support\Clock;
use App\Support\Column;
use Illuminate\Database\ConnectionInterface;
use Illuminate\Http\Client\ConnectionException;
use Illuminate\Http\Client\Factory;
use Illuminate\Support\Str;
use stdClass;

/** What a payment processor keeps and does, on its own side: checkouts, cards, notices. Knows nothing of bookings. */
final readonly class ProcessorStandIn
{
    public const CARDS = [
        '6000 0000 0000 0001' => 'pays',
        '6000 0000 0000 0002' => 'is declined',
        '6000 0000 0000 0003' => 'asks for a second step',
        '6000 0000 0000 0004' => 'pays, but answers ten seconds later',
        '6000 0000 0000 0005' => 'pays, and refuses refunds',
        '6000 0000 0000 0006' => 'pays, and tells of it twice',
        '6000 0000 0000 0007' => 'pays or is kept, and refuses later charges',
        '6000 0000 0000 0008' => 'pays, and decides on refunds ten seconds later',
        '6000 0000 0000 0009' => 'pays, and refuses refunds ten seconds later',
        '6000 0000 0000 0010' => 'pays, and never tells of it',
        '6000 0000 0000 0011' => 'pays, and tells of it in the wrong order',
    ];

    private const LATE_SECONDS = 10;

    /** Cards that pay at once. */
    private const PAYING = ['0001', '0005', '0006', '0007', '0008', '0009', '0010', '0011'];

    /** What it keeps of a payment: of each thousand, and beside it, in the minor unit. */
    private const FEE_OF_A_THOUSAND = 14;

    private const FEE = 25;

    private const NOTICE_TRIES = 8;

    public function __construct(
        private ConnectionInterface $db,
        private Factory $http,
        private Clock $clock,
        private string $secret,
    ) {
    }

    /**
     * @param  array{
     *     key: string, amount: int, currency: string, description: string, return_url: string, notify_url: string,
     *     keeps_card: bool,
     * } $asked
     */
    public function open(array $asked): stdClass
    {
        $this->db
            ->table('stand_in_checkouts')
            ->insertOrIgnore([
                ...$asked,
                'id' => 'co_'.Str::lower((string) Str::ulid()),
                'state' => 'open',
                'created_at' => $this->clock->machine(),
            ]);

        return $this->db->table('stand_in_checkouts')->where('key', $asked['key'])->firstOrFail();
    }

    public function find(string $id): stdClass
    {
        $this->answerLate($id);

        return $this->db->table('stand_in_checkouts')->where('id', $id)->firstOrFail();
    }

    /** @return list<stdClass> checkouts that came to something, the latest first */
    public function latest(): array
    {
        return array_values(
            $this->db
                ->table('stand_in_checkouts')
                ->whereIn('state', ['paid', 'kept'])
                ->orderByDesc('created_at')
                ->orderByDesc('id')
                ->limit(50)
                ->get()
                ->all(),
        );
    }

    /** @return string the new state: open (declined, try again), second_step, processing, paid or kept */
    public function pay(string $id, string $card, bool $stepDone = false): string
    {
        $digits = trim(chunk_split((string) preg_replace('/\D/', '', $card), 4, ' '));
        $done = $this->done($this->find($id));
        $state = match (true) {
            in_array($digits, array_map(self::card(...), self::PAYING), true) => $done,
            $digits === self::card('0003') => $stepDone ? $done : 'second_step',
            $digits === self::card('0004') => 'processing',
            default => 'open',
        };
        $changed = $this->db
            ->table('stand_in_checkouts')
            ->where('id', $id)
            ->whereIn('state', ['open', 'second_step'])
            ->update([
                'state' => $state,
                'card' => $digits,
                'answers_at' => $state === 'processing'
                    ? $this->clock->machine()->addSeconds(self::LATE_SECONDS)
                    : null,
            ]);
        if ($changed === 1 && $state === $done) {
            $this->came($id);
            $this->tell($id, $digits, $state);
        }

        return $state;
    }

    /** Once by its key. @return string done, pending or failed: refused */
    public function refund(string $id, string $key, int $amount): string
    {
        $checkout = $this->find($id);
        $isLate = in_array($checkout->card, [self::card('0008'), self::card('0009')], true);

        return $this->move(
            $checkout,
            $key,
            'refund',
            $amount,
            $checkout->state === 'paid' &&
                $checkout->card !== self::card('0005') &&
                $this->moved($id, 'refund') + $amount <= $checkout->amount,
            $isLate,
        );
    }

    /** What became of a refund. @return string done, pending or failed */
    public function refunded(string $key): string
    {
        $this->decide();
        $state = $this->db->table('stand_in_movements')->where('key', $key)->value('state');

        return is_string($state) ? $state : 'failed';
    }

    /** Once by its key. @return string done or failed: refused */
    public function charge(string $id, string $key, int $amount): string
    {
        $checkout = $this->find($id);
        $may = $checkout->state === 'kept' && $checkout->card !== self::card('0007');

        return $this->move($checkout, $key, 'charge', $amount, $may);
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

    /** A client's bank takes a payment back, or it is decided whose it is: "open", "won" by the shop, or "lost". */
    public function dispute(string $id, string $state): void
    {
        $checkout = $this->find($id);
        $before = $state === 'open' ? '' : 'open';
        $changed = $this->db
            ->table('stand_in_checkouts')
            ->where('id', $id)
            ->where('state', 'paid')
            ->where('dispute', $before)
            ->update(['dispute' => $state]);
        if ($changed === 1 && $state !== 'lost') {
            $amount = $state === 'open' ? -(int) $checkout->amount : (int) $checkout->amount;
            $this->write($id, "dispute-{$state}-{$id}", 'dispute', $amount);
        }
        $this->notify($id, 1);
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

    /** The same key twice is done once. */
    private function move(
        stdClass $checkout,
        string $key,
        string $kind,
        int $amount,
        bool $may,
        bool $isLate = false,
    ): string {
        $known = $this->db->table('stand_in_movements')->where('key', $key)->value('state');
        if (is_string($known)) {
            return $known;
        }
        if (! $may || $amount <= 0) {
            return 'failed';
        }
        $this->write($checkout->id, $key, $kind, $kind === 'refund' ? -$amount : $amount, $isLate);

        return $isLate ? 'pending' : 'done';
    }

    private function write(string $checkout, string $key, string $kind, int $amount, bool $isLate = false): void
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
                'state' => $isLate ? 'pending' : 'done',
                'decides_at' => $isLate ? $this->clock->machine()->addSeconds(self::LATE_SECONDS) : null,
                'at' => $this->clock->machine(),
            ]);
    }

    /** A payment, not a card that is only kept, is money from now on. */
    private function came(string $id): void
    {
        $checkout = $this->db->table('stand_in_checkouts')->where('id', $id)->firstOrFail();
        if ($checkout->state === 'paid' && $checkout->amount > 0) {
            $this->write($id, "payment-{$id}", 'payment', (int) $checkout->amount);
        }
    }

    /** Refunds that waited have been decided by now. */
    private function decide(): void
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
                ->update(['state' => $movement->card === self::card('0009') ? 'failed' : 'done']);
        }
    }

    private static function card(string $end): string
    {
        return "6000 0000 0000 {$end}";
    }

    /** Once, twice, never, or late with what it was before. */
    private function tell(string $id, string $card, string $state): void
    {
        $told = match ($card) {
            self::card('0010') => [],
            self::card('0006') => [$state, $state],
            self::card('0011') => [$state, 'open'],
            default => [$state],
        };
        foreach ($told as $one) {
            $this->notify($id, 1, $one);
        }
    }

    private function done(stdClass $checkout): string
    {
        return $checkout->keeps_card ? 'kept' : 'paid';
    }

    /**
     * The stand-in's own work: cards that answer late have answered by now, and notices that wait are sent, never
     * inside an answer.
     */
    public function tick(): void
    {
        $this->decide();
        $this->daily();
        foreach (
            $this->db
                ->table('stand_in_checkouts')
                ->where('state', 'processing')
                ->where('answers_at', '<=', $this->clock->machine())
                ->pluck('id') as $id
        ) {
            assert(is_string($id));
            $this->answerLate($id);
            $this->notify($id, 1);
        }
        foreach (
            $this->db
                ->table('stand_in_notices')
                ->where('due_at', '<=', $this->clock->machine())
                ->orderBy('id')
                ->limit(50)
                ->get() as $notice
        ) {
            $this->send($notice);
        }
    }

    private function answerLate(string $id): void
    {
        $this->db
            ->table('stand_in_checkouts')
            ->where('id', $id)
            ->where('state', 'processing')
            ->where('answers_at', '<=', $this->clock->machine())
            ->update(['state' => $this->db->raw("if(keeps_card, 'kept', 'paid')")]);
        $this->came($id);
    }

    /** What came and went before today is paid out, once a day. */
    private function daily(): void
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

    private function notify(string $id, int $times, string $state = ''): void
    {
        $notice = ['checkout' => $id, 'due_at' => $this->clock->machine(), 'state' => $state];
        $this->db->table('stand_in_notices')->insert(array_fill(0, $times, $notice));
    }

    /** Tried a few times; a notice that does not arrive is the shop's to miss: it asks for the state by itself. */
    private function send(stdClass $notice): void
    {
        $checkout = $this->db->table('stand_in_checkouts')->where('id', $notice->checkout)->firstOrFail();
        $body = json_encode(['checkout' => $notice->checkout, 'state' => $notice->state], JSON_THROW_ON_ERROR);
        $time = $this->clock->machine()->getTimestamp();
        $seal = hash_hmac('sha256', "{$time}.{$body}", $this->secret);
        try {
            $heard = $this->http
                ->connectTimeout(1)
                ->timeout(5)
                ->withHeaders(['X-Processor-Seal' => "t={$time},v={$seal}"])
                ->withBody($body)
                ->post($checkout->notify_url)
                ->successful();
        } catch (ConnectionException) {
            $heard = false;
        }
        if ($heard || $notice->tries >= self::NOTICE_TRIES) {
            $this->db->table('stand_in_notices')->where('id', $notice->id)->delete();
            $this->db
                ->table('stand_in_checkouts')
                ->where('id', $notice->checkout)
                ->increment('notices', $heard ? 1 : 0);
        } else {
            $this->db
                ->table('stand_in_notices')
                ->where('id', $notice->id)
                ->update([
                    'tries' => $notice->tries + 1,
                    'due_at' => $this->clock->machine()->addSeconds(5 * 2 ** $notice->tries),
                ]);
        }
    }
}
