<?php

declare(strict_types=1);

namespace App\Messages;

use App\Facts\BookingFacts;
use App\Facts\MoneyWords;
use App\Facts\WholeVisit;
use App\Language\Catalogue;
use App\Models\Answer;
use App\Models\Audience;
use App\Models\Booking;
use App\Models\Member;
use App\Support\LocalTime;

/** The lines of a mail that say what, when, with whom, where and for how much, one below the other. */
final readonly class Particulars
{
    public function __construct(private Catalogue $catalogue, private MoneyWords $told)
    {
    }

    /**
     * @param  bool  $isPart of several of one visit: what it costs is told of all of them
     * @return list<string>
     */
    public function of(Booking $booking, BookingFacts $facts, Audience $audience, bool $isPart = false): array
    {
        $toClient = $audience === Audience::Client;
        $rows = [
            ['what', $this->catalogue->say('mail.what', [
                'service' => $facts->service,
                'length' => LocalTime::length($facts->minutes),
            ])],
            ['when', $this->catalogue->sentence(LocalTime::span($facts->start, $facts->end, $facts->business))],
            ['own', $toClient ? $this->ownClock($facts) : ''],
            ['with', $this->with($facts)],
            ['where', $facts->where()],
            ['link', $facts->meetingLink()],
            ['bring', $toClient && ! $facts->isOver() ? $facts->bring : ''],
            ['for', $facts->party > 1 ? $this->party($facts) : ''],
            ...array_map(fn (array $addOn): array => ['and', $this->addOn($addOn)], $facts->addOns),
            ...$isPart ? [['terms', $this->told->of($booking, $toClient)['terms']]] : $this->money($booking, $toClient),
            ['client', $toClient || $facts->contact === null ? '' : implode(', ', array_filter($facts->contact))],
        ];
        // What somebody typed goes only to an address that is theirs, so that nobody writes to strangers through us.
        $isTyped = ! $toClient || $facts->isProven;

        return [
            ...$this->labelled(array_filter($rows, static fn (array $row): bool => $row[1] !== '')),
            ...array_map(
                static fn (Answer $answer): string => "  {$answer->asked} {$answer->text}",
                $isTyped ? $facts->answers : [],
            ),
            ...$this->labelled($isTyped && $facts->note !== '' ? [['note', $facts->note]] : []),
        ];
    }

    /**
     * What a visit costs, and how it stands, once for all of its parts.
     *
     * @param  non-empty-list<Booking>  $parts in order of time
     * @param  int  $told how many of them the mail tells of
     * @return list<string>
     */
    public function ofVisit(array $parts, Audience $audience, int $told): array
    {
        [[, $price], $money] = $this->money(WholeVisit::of($parts), $audience === Audience::Client);
        $rows = [[$told < count($parts) ? 'price_of_all' : 'price', $price], $money];

        return $this->labelled(array_values(array_filter($rows, static fn (array $row): bool => $row[1] !== '')));
    }

    /** What their own clock shows then; nothing where it shows the same. */
    private function ownClock(BookingFacts $facts): string
    {
        $zone = $facts->clientZone;
        $business = $facts->business;
        $offset = static fn (string $in): int => $facts->start->setTimezone($in)->getOffset();
        $isSame = $zone === null || $offset($zone) === $offset($business->time_zone);

        return $isSame ? '' : $this->catalogue->sentence(LocalTime::written($facts->start, $business, $zone));
    }

    private function party(BookingFacts $facts): string
    {
        return $facts->heads === null
            ? $this->catalogue->say('mail.party', ['party' => $facts->party])
            : "{$facts->party} {$facts->heads['many']}";
    }

    private function with(BookingFacts $facts): string
    {
        $names = array_map(static fn (Member $member): string => $member->name, $facts->staff);
        $last = array_pop($names) ?? '';

        return $names === []
            ? $last
            : $this->catalogue->say('mail.and', ['first' => implode(', ', $names), 'last' => $last]);
    }

    /** @param  array{label: string, quantity: int}  $addOn */
    private function addOn(array $addOn): string
    {
        return $addOn['quantity'] === 1
            ? $addOn['label']
            : $this->catalogue->say('mail.several', ['quantity' => $addOn['quantity'], 'what' => $addOn['label']]);
    }

    /** @return array{array{string, string}, array{string, string}, array{string, string}} */
    private function money(Booking $booking, bool $toClient): array
    {
        $told = $this->told->of($booking, $toClient);

        return [['price', $told['price']], ['money', implode(' ', $told['money'])], ['terms', $told['terms']]];
    }

    /**
     * @param  array<array{string, string}>  $rows label and text
     * @return list<string> the texts one below the other
     */
    private function labelled(array $rows): array
    {
        $labels = array_map(fn (string $label): string => $this->catalogue->say("mail.label.{$label}"), [
            'when',
            'where',
            'client',
        ]);
        $width = max(array_map(mb_strwidth(...), $labels));
        $lines = [];
        foreach ($rows as [$label, $text]) {
            $said = $this->catalogue->say("mail.label.{$label}");
            $lines[] = "  {$said}".str_repeat(' ', max(0, $width - mb_strwidth($said)))." {$text}";
        }

        return $lines;
    }
}
