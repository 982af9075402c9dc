<?php

declare(strict_types=1);

use Random\Engine\Mt19937;
use Random\Randomizer;

/** One of those who all want the same: a client at the Gate, every fourth of them a desk. Notes what was answered. */
final class StormClient
{
    private const MOMENT_SECONDS = 0.1;

    private readonly Randomizer $random;

    private readonly CurlHandle $handle;

    private ?Window $desk = null;

    /** @var list<array{id: string, query: string}> what was booked and acknowledged */
    private array $own = [];

    /** @param  array<string, mixed>  $page what the Gate shows */
    public function __construct(
        private readonly string $address,
        private readonly array $page,
        private readonly int $number,
        private readonly string $log,
    ) {
        $this->random = new Randomizer(new Mt19937(1000 + $number));
        $this->handle = curl_init();
    }

    public function act(int $tries): void
    {
        $this->desk = $this->number % 4 === 3 ? Window::of($this->address) : null;
        for ($try = 0; $try < $tries; $try++) {
            $own = $this->own === [] ? null : $this->own[$this->random->getInt(0, count($this->own) - 1)];
            $at = $own === null ? '' : "/gate-api/bookings/{$own['id']}";
            $pick = $this->random->getInt(0, 99);
            match (true) {
                $this->desk !== null => $this->atTheDesk($this->desk, $pick),
                $own === null || $pick < 45 => $this->book($pick),
                $pick < 60 => $this->note('move by link', $own['id'], ...$this->ask("{$at}/move?{$own['query']}", [
                    'start' => $this->start(),
                ])),
                $pick < 80 => $this->note('party', $own['id'], ...$this->ask("{$at}/party?{$own['query']}", [
                    'party' => $this->random->getInt(1, 3),
                ])),
                default => $this->note('cancel', $own['id'], ...$this->ask("{$at}/cancel?{$own['query']}", [])),
            };
        }
    }

    /** A time is held, perhaps with a code, perhaps for a visit of two services, and booked or let go. */
    private function book(int $pick): void
    {
        $then = $pick % 5 === 0 ? ['then' => [['service' => $this->service()['id']]], 'maxWait' => 60] : [];
        [$status, $held] = $this->ask('/gate-api/pages/bench/holds', $then + [
            'service' => $this->service()['id'],
            'staff' => null,
            'start' => $this->start(),
            'party' => $this->random->getInt(1, 2),
        ]);
        $this->note('hold', '', $status, $held);
        if (! isset($held['id'])) {
            return;
        }
        if ($pick % 3 === 0) {
            $code = $this->ask("/gate-api/bookings/{$held['id']}/codes?{$held['query']}", ['codes' => ['storm']]);
            $this->note('code', '', ...$code);
        }
        if ($pick % 7 === 0) {
            $this->note('let go', '', ...$this->ask("/gate-api/bookings/{$held['id']}/cancel?{$held['query']}", []));

            return;
        }
        [$status, $booked] = $this->ask("/gate-api/bookings/{$held['id']}/book?{$held['query']}", [
            'name' => "Client {$this->number}",
            'email' => "storm{$this->number}-{$this->random->getInt(0, 400)}@post.example",
            'phone' => '',
            'note' => '',
        ]);
        $isBooked = $status === 200 && in_array($booked['booking']['state'] ?? '', ['confirmed', 'pending'], true);
        $this->note('book', $isBooked ? $held['id'] : '', $status, $booked);
        if ($isBooked) {
            $this->own[] = ['id' => $held['id'], 'query' => $held['query']];
        }
    }

    private function atTheDesk(Window $desk, int $pick): void
    {
        $board = '/api/businesses/bench/board?date='.substr($this->start(), 0, 10);
        [, , $answer] = $desk->ask($board);
        $tags = array_values(array_filter(
            json_decode($answer, true)['tags'] ?? [],
            static fn (array $tag): bool => $tag['places'] === null,
        ));
        $id = $tags === [] ? '' : $tags[$this->random->getInt(0, count($tags) - 1)]['id'];
        $own = "/api/businesses/bench/bookings/{$id}";
        if ($pick < 30 || $id === '') {
            $start = $this->start();
            $week = gmdate('Y-m-d\TH:i\Z', (int) strtotime($start) + 7 * 86_400);
            [$status, $booked] = self::press($desk, '/api/businesses/bench/bookings', [
                'service' => $this->service()['id'],
                'party' => 1,
                'start' => $start,
                'name' => "Desk {$this->number}",
                'email' => "desk{$this->number}@post.example",
                'told' => true,
            ] + ($pick % 2 === 0 ? ['more' => [['start' => $week]]] : []));
            $this->note('desk book', $status === 201 ? $booked['id'] : '', $status, $booked);
        } elseif ($pick < 60) {
            $this->note('move', $id, ...self::press($desk, "{$own}/move", ['start' => $this->start()]));
        } elseif ($pick < 85) {
            [, , $card] = $desk->ask($own);
            $sale = json_decode($card, true)['sale'] ?? null;
            $slip = $sale === null ? '{}' : $desk->ask("/api/businesses/bench/sales/{$sale}")[2];
            $due = json_decode($slip, true)['due'] ?? 0;
            if ($due > 0) {
                $this->note('cash', '', ...self::press($desk, "/api/businesses/bench/sales/{$sale}/payments", [
                    'method' => 'cash', 'amount' => $due, 'tip' => 0, 'given' => null, 'keepsRest' => false,
                    'seen' => $due,
                ]));
                $this->note('invoice', '', ...self::press($desk, "/api/businesses/bench/sales/{$sale}/invoice", [
                    'name' => 'Kim', 'address' => '',
                ]));
            }
        } else {
            $this->note('desk cancel', $id, ...self::press($desk, "{$own}/cancel", ['asks' => 'house']));
        }
    }

    /** An hour of one of some days: the same for all of them in the same moment, so that they want it together. */
    private function start(): string
    {
        $moment = new Randomizer(new Mt19937((int) (microtime(true) / self::MOMENT_SECONDS)));
        $day = time() + 86_400 * $moment->getInt(3, 24);

        return gmdate('Y-m-d', $day).sprintf('T%02d:%02dZ', $moment->getInt(9, 17), 30 * $moment->getInt(0, 1));
    }

    /** @return array<string, mixed> */
    private function service(): array
    {
        $of = array_values(array_filter(
            $this->page['services'],
            static fn (array $one): bool => ! $one['session'] && in_array($one['payment'], ['none', 'optional'], true),
        ));

        return $of[$this->random->getInt(0, count($of) - 1)];
    }

    /**
     * @param  array<string, mixed>  $body
     * @return array{int, array<mixed>} status, answer; 0 where the line was cut
     */
    private static function press(Window $desk, string $path, array $body): array
    {
        [, $status, $answer] = $desk->ask($path, $body);

        return [$status, (array) json_decode($answer, true)];
    }

    /**
     * @param  array<string, mixed>  $body
     * @return array{int, array<mixed>}
     */
    private function ask(string $path, array $body): array
    {
        curl_setopt_array($this->handle, [
            CURLOPT_URL => $this->address.$path,
            CURLOPT_RETURNTRANSFER => true,
            CURLOPT_HTTPHEADER => ['Accept: application/json', 'Content-Type: application/json'],
            CURLOPT_POSTFIELDS => json_encode($body === [] ? (object) [] : $body),
        ]);
        $answer = (string) curl_exec($this->handle);

        return [curl_getinfo($this->handle, CURLINFO_RESPONSE_CODE), (array) json_decode($answer, true)];
    }

    /** @param  array<mixed>  $answer */
    private function note(string $what, string $id, int $status, array $answer): void
    {
        $said = is_string($answer['message'] ?? null) ? $answer['message'] : '';
        $line = ['what' => $what, 'id' => $id, 'status' => $status, 'said' => $said];
        file_put_contents($this->log, json_encode($line)."\n", FILE_APPEND);
    }
}
