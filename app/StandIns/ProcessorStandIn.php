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
    ];

    private const LATE_SECONDS = 10;

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

    /** @return string the new state: open (declined, try again), second_step, processing, paid or kept */
    public function pay(string $id, string $card, bool $stepDone = false): string
    {
        $digits = trim(chunk_split((string) preg_replace('/\D/', '', $card), 4, ' '));
        $done = $this->done($this->find($id));
        $state = match ($digits) {
            '6000 0000 0000 0001', '6000 0000 0000 0005', '6000 0000 0000 0006', '6000 0000 0000 0007' => $done,
            '6000 0000 0000 0003' => $stepDone ? $done : 'second_step',
            '6000 0000 0000 0004' => 'processing',
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
            $this->notify($id, $digits === '6000 0000 0000 0006' ? 2 : 1);
        }

        return $state;
    }

    /** @return bool false: refused */
    public function refund(string $id, string $key, int $amount): bool
    {
        $checkout = $this->find($id);

        return $this->move(
            $checkout,
            $key,
            'refund',
            $amount,
            $checkout->state === 'paid' &&
                $checkout->card !== '6000 0000 0000 0005' &&
                $this->moved($id, 'refund') + $amount <= $checkout->amount,
        );
    }

    /** @return bool false: refused */
    public function charge(string $id, string $key, int $amount): bool
    {
        $checkout = $this->find($id);

        return $this->move(
            $checkout,
            $key,
            'charge',
            $amount,
            $checkout->state === 'kept' && $checkout->card !== '6000 0000 0000 0007',
        );
    }

    /** How much has been refunded or charged so far. */
    public function moved(string $id, string $kind): int
    {
        $amounts = $this->db
            ->table('stand_in_movements')
            ->where('checkout', $id)
            ->where('kind', $kind)
            ->pluck('amount');

        return array_sum(array_map(intval(...), Column::strings($amounts)));
    }

    /** The same key twice is done once. */
    private function move(stdClass $checkout, string $key, string $kind, int $amount, bool $may): bool
    {
        if ($this->db->table('stand_in_movements')->where('key', $key)->exists()) {
            return true;
        }

        if ($may && $amount > 0) {
            $this->db
                ->table('stand_in_movements')
                ->insertOrIgnore(['key' => $key, 'checkout' => $checkout->id, 'kind' => $kind, 'amount' => $amount]);
        }

        return $may && $amount > 0;
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
    }

    private function notify(string $id, int $times): void
    {
        $this->db
            ->table('stand_in_notices')
            ->insert(array_fill(0, $times, ['checkout' => $id, 'due_at' => $this->clock->machine()]));
    }

    /** Tried a few times; a notice that does not arrive is the shop's to miss: it asks for the state by itself. */
    private function send(stdClass $notice): void
    {
        $checkout = $this->db->table('stand_in_checkouts')->where('id', $notice->checkout)->firstOrFail();
        $body = json_encode(['checkout' => $notice->checkout], JSON_THROW_ON_ERROR);
        try {
            $heard = $this->http
                ->connectTimeout(1)
                ->timeout(5)
                ->withHeaders(['X-Processor-Seal' => hash_hmac('sha256', $body, $this->secret)])
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
