<?php

declare(strict_types=1);

/**
 * The search as one would write it at first: each start on its own, asked of date objects. It knows the rules that the
 * benchmark's documents use (T2–T6, T8–T11), and gives the same answer as the core.
 */
final readonly class PlainSearch
{
    private DateTimeZone $zone;

    /** @param  array<string, mixed>  $document */
    public function __construct(private array $document)
    {
        $this->zone = new DateTimeZone($document['business']['timeZone']);
    }

    /** @return list<string> "2027-03-01T09:00Z person-1" */
    public function starts(string $service, string $from, string $to, string $now): array
    {
        $service = array_column($this->document['services'], null, 'id')[$service];
        $staff = array_column($this->document['staff'], null, 'id');
        $found = [];
        $last = new DateTimeImmutable("{$to} 23:59", $this->zone);
        for (
            $start = new DateTimeImmutable("{$from} 00:00", $this->zone);
            $start <= $last;
            $start = $start->modify("+{$service['startEvery']} minutes")
        ) {
            foreach ($service['staff'] as $id) {
                if ($start >= new DateTimeImmutable($now) && $this->isFree($service, $staff[$id], $start)) {
                    $found[] = $start->setTimezone(new DateTimeZone('UTC'))->format('Y-m-d\TH:i\Z')." {$id}";
                }
            }
        }

        return $found;
    }

    /**
     * @param  array<string, mixed>  $service
     * @param  array<string, mixed>  $member
     */
    private function isFree(array $service, array $member, DateTimeImmutable $start): bool
    {
        $end = $start->modify("+{$service['minutes']} minutes");
        foreach ([$this->document['business']['openingHours'], $member['hours']] as $hours) {
            if (! $this->isWithin($hours, $start, $end)) {
                return false;
            }
        }
        foreach ($this->windows($member['breaks'], $start) as [$from, $to]) {
            if ($start < $to && $from < $end) {
                return false;
            }
        }
        foreach ($this->document['business']['closures'] as $closure) {
            if (
                $start < new DateTimeImmutable($closure['to'], $this->zone) &&
                new DateTimeImmutable($closure['from'], $this->zone) < $end
            ) {
                return false;
            }
        }
        [$from, $to] = [$start->modify("-{$service['setup']} minutes"), $end->modify("+{$service['clearup']} minutes")];
        foreach ($this->document['bookings'] as $booking) {
            if (
                in_array($member['id'], $booking['staff'], true) &&
                $booking['state'] !== 'cancelled' &&
                $this->overlaps($booking, $from, $to)
            ) {
                return false;
            }
        }

        return true;
    }

    /** @param  array<string, mixed>  $booking */
    private function overlaps(array $booking, DateTimeImmutable $from, DateTimeImmutable $to): bool
    {
        $start = new DateTimeImmutable($booking['start']);

        return $start->modify("-{$booking['setup']} minutes") < $to &&
            $from < $start->modify('+'.($booking['minutes'] + $booking['clearup']).' minutes');
    }

    /** @param  array<string, list<array{from: string, to: string}>>  $hours */
    private function isWithin(array $hours, DateTimeImmutable $start, DateTimeImmutable $end): bool
    {
        foreach ($this->windows($hours, $start) as [$from, $to]) {
            if ($from <= $start && $end <= $to) {
                return true;
            }
        }

        return false;
    }

    /**
     * @param  array<string, list<array{from: string, to: string}>>  $hours
     * @return list<array{DateTimeImmutable, DateTimeImmutable}>
     */
    private function windows(array $hours, DateTimeImmutable $at): array
    {
        return array_map(
            fn (array $window): array => [
                new DateTimeImmutable($at->format('Y-m-d ').$window['from'], $this->zone),
                new DateTimeImmutable($at->format('Y-m-d ').$window['to'], $this->zone),
            ],
            $hours[strtolower($at->format('D'))] ?? [],
        );
    }
}
