<?php

declare(strict_types=1);

namespace App\StandIns;

use App\Support\Clock;
use Illuminate\Database\ConnectionInterface;
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

    public function __construct(
        private ConnectionInterface $db,
        private ProcessorMoney $money,
        private ProcessorNotices $notices,
        private Clock $clock,
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
            checkout: $checkout,
            key: $key,
            kind: 'refund',
            amount: $amount,
            may: $checkout->state === 'paid' &&
                $checkout->card !== self::card('0005') &&
                $this->money->moved($id, 'refund') + $amount <= $checkout->amount,
            isLate: $isLate,
        );
    }

    /** What became of a refund. @return string done, pending or failed */
    public function refunded(string $key): string
    {
        $this->money->decide(self::card('0009'));

        return $this->money->state($key) ?? 'failed';
    }

    /** Once by its key. @return string done or failed: refused */
    public function charge(string $id, string $key, int $amount): string
    {
        $checkout = $this->find($id);
        $may = $checkout->state === 'kept' && $checkout->card !== self::card('0007');

        return $this->move(checkout: $checkout, key: $key, kind: 'charge', amount: $amount, may: $may);
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
            $this->money->write($id, "dispute-{$state}-{$id}", 'dispute', $amount);
        }
        $this->notices->tell($id, '');
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
        $known = $this->money->state($key);
        if ($known !== null) {
            return $known;
        }
        if (! $may || $amount <= 0) {
            return 'failed';
        }
        $moves = $kind === 'refund' ? -$amount : $amount;
        $this->money->write(
            checkout: $checkout->id,
            key: $key,
            kind: $kind,
            amount: $moves,
            decidesIn: $isLate ? self::LATE_SECONDS : null,
        );

        return $isLate ? 'pending' : 'done';
    }

    /** A payment, not a card that is only kept, is money from now on. */
    private function came(string $id): void
    {
        $checkout = $this->db->table('stand_in_checkouts')->where('id', $id)->firstOrFail();
        if ($checkout->state === 'paid' && $checkout->amount > 0) {
            $this->money->write($id, "payment-{$id}", 'payment', (int) $checkout->amount);
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
        $this->notices->tell($id, ...$told);
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
        $this->money->decide(self::card('0009'));
        $this->money->daily();
        foreach (
            $this->db
                ->table('stand_in_checkouts')
                ->where('state', 'processing')
                ->where('answers_at', '<=', $this->clock->machine())
                ->pluck('id') as $id
        ) {
            assert(is_string($id));
            $this->answerLate($id);
            $this->notices->tell($id, '');
        }
        $this->notices->sendDue();
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
}
