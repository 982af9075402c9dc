<?php

declare(strict_types=1);

namespace App\Messages;

use App\Facts\BookAgainLink;
use App\Facts\BookingFacts;
use App\Facts\VisitParts;
use App\Facts\WholeVisit;
use App\Language\Catalogue;
use App\Language\Sentence;
use App\Models\Audience;
use App\Models\Booking;
use App\Models\Business;
use App\Models\Occasion;
use App\Models\OutboxEntry;
use App\Models\Sale;
use App\Support\ClientLink;
use App\Support\Instants;
use App\Support\LocalTime;
use App\Support\OwnPageLink;
use YardBell\Core\Time\Wall;

/**
 * The shipped wording, from the catalogue. It fits itself to the case: place, payment and link appear where they apply.
 */
final readonly class Wording
{
    private const LINKED = [
        Occasion::Booked,
        Occasion::Pending,
        Occasion::Suggested,
        Occasion::Moved,
        Occasion::Changed,
        Occasion::Word,
        Occasion::LinkAgain,
        Occasion::Reminder,
        Occasion::Restored,
        Occasion::NoShow,
        Occasion::Priced,
        Occasion::Cheaper,
        Occasion::SentBack,
        Occasion::Refund,
        Occasion::Receipt,
        Occasion::Invoice,
    ];

    private const CAME_TO_NOTHING = [
        Occasion::Declined,
        Occasion::Cancelled,
        Occasion::PaidTooLate,
        Occasion::CodeGone,
    ];

    /** What is about a part of a visit, and about the money for that part alone. */
    private const OF_A_PART = [Occasion::Cancelled, Occasion::NoShow, Occasion::Priced, Occasion::Cheaper];

    public function __construct(
        private Catalogue $catalogue,
        private ClientLink $links,
        private OwnPageLink $own,
        private Particulars $particulars,
        private CalendarFile $calendar,
        private Papers $papers,
        private BookAgainLink $bookAgain,
        private SaleWording $sale,
    ) {
    }

    public function letter(OutboxEntry $entry): Letter
    {
        $booking = $entry->booking_id === null ? null : $entry->booking()->first();
        $sale = $entry->sale_id === null ? null : $entry->sale()->first();

        return $this->catalogue->in(
            $this->locale($entry, $booking ?? $sale),
            fn (): Letter => match (true) {
                $booking !== null => $this->bookingLetter($entry, $booking),
                $sale !== null => $this->sale->letter($entry, $sale),
                default => $this->accountLetter($entry), // which is of no business
            },
        );
    }

    /** A client is written to as they booked, everybody else as their house writes. */
    private function locale(OutboxEntry $entry, Booking|Sale|null $about): string
    {
        if ($about === null) {
            return $entry->text('locale') ?: $this->catalogue->locale(); // written before it was kept
        }
        $own = $about instanceof Booking && $entry->audience === Audience::Client ? $about->locale : null;

        return $own ?? $about->business->locale;
    }

    private function accountLetter(OutboxEntry $entry): Letter
    {
        $parameters = array_filter($entry->content, is_string(...));
        $say = fn (string $part): string => $this->catalogue->say(
            "mail.account.{$entry->occasion->value}.{$part}",
            $parameters,
        );
        $hello = $this->hello($entry->text('name'));

        return new Letter(
            key: $entry->key,
            to: $entry->recipient,
            fromName: 'Yard Bell',
            subject: $say('subject'),
            text: "{$hello},\n\n{$say('text')}\n",
        );
    }

    /** The way to the client's own page, and nothing else: it tells nobody what is there. */
    private function ownPageLetter(OutboxEntry $entry, Booking $booking): Letter
    {
        $business = $booking->business;
        $say = fn (string $part): string => $this->catalogue->say("mail.own_page.{$part}", [
            'business' => $business->name,
        ]);
        $link = $this->own->to($booking->client()->firstOrFail());

        return new Letter(
            key: $entry->key,
            to: $entry->recipient,
            fromName: $business->name,
            subject: $say('subject'),
            text: "{$this->hello('')},\n\n{$say('text')}\n\n{$link}\n\n{$business->name}\n",
        );
    }

    private function bookingLetter(OutboxEntry $entry, Booking $booking): Letter
    {
        if ($entry->occasion === Occasion::OwnPage) {
            return $this->ownPageLetter($entry, $booking);
        }
        $bookings = Concerned::of($entry, $booking) ?: [$booking];
        $all = array_map(BookingFacts::of(...), $bookings);
        [$facts] = $all;
        $toClient = $entry->audience === Audience::Client;
        $isOne = count($all) === 1;
        $visit = WholeVisit::standing(VisitParts::of($booking) ?: [$booking]);
        // one link shows all of it, and it costs once
        $isVisit = count($visit) > 1 && (! $isOne || ! in_array($entry->occasion, self::OF_A_PART, true));
        $hasOneLink = $isOne || $isVisit;
        $method = $toClient ? CalendarMethod::for($entry->occasion) : null;
        $occasion = $entry->occasion->value.($isOne ? '' : '_several');
        $subject = $this->catalogue->say("mail.subject.{$occasion}", [
            'service' => $facts->service,
            'when' => LocalTime::written($facts->start, $facts->business),
            'more' => count($all) - 1,
        ]);
        $link = fn (Booking $one): string => $toClient ? $this->link($entry->occasion, $one) : '';
        $paragraphs = array_filter([
            $toClient ? $this->toClient($occasion, $facts) : $this->toHouse($occasion, $facts, count($all) - 1),
            ...array_map(
                fn (Booking $one, BookingFacts $its): string => trim(implode("\n", [
                    ...$this->particulars->of($one, $its, $entry->audience, $isVisit),
                    $hasOneLink ? '' : $link($one),
                ]), "\n"),
                $bookings,
                $all,
            ),
            $isVisit ? implode("\n", $this->particulars->ofVisit($visit, $entry->audience, count($bookings))) : '',
            $entry->text('why') === '' ? '' : "\"{$entry->text('why')}\"",
            implode("\n", $this->suggested($entry, $booking, $facts)),
            $hasOneLink ? $link($booking) : '',
            $toClient ? $this->again($entry->occasion, $booking, $bookings) : '',
            $toClient ? $this->reach($facts->business) : $facts->business->name,
        ]);
        if ($method !== null && ! $isOne) {
            $method = CalendarMethod::Publish; // an invitation is to one event
        }

        $papers = $this->papers->with($entry, $booking);

        return new Letter(
            key: $entry->key,
            to: $entry->recipient,
            fromName: $facts->business->name,
            subject: $subject,
            text: implode("\n\n", $paragraphs)."\n",
            calendar: $method === null ? null : $this->calendar->with($method, ...$bookings),
            calendarMethod: $method?->value,
            paper: $papers['paper'] ?? null,
            paperName: $papers['paperName'] ?? '',
            replyTo: $toClient ? $facts->business->email : '',
        );
    }

    /** @return list<string> each time that is suggested, with its link */
    private function suggested(OutboxEntry $entry, Booking $booking, BookingFacts $facts): array
    {
        return array_map(function (string $start) use ($booking, $facts): string {
            $when = LocalTime::written(Instants::carbon(Wall::instant($start)), $facts->business);

            return "{$this->catalogue->sentence($when)}\n{$this->links->instead($booking, $start)}";
        }, array_values(array_filter(explode(' ', $entry->text('times')))));
    }

    private function toClient(string $occasion, BookingFacts $facts): string
    {
        $text = $this->catalogue->say("mail.client.{$occasion}", [
            'when' => LocalTime::written($facts->start, $facts->business),
            'until' => $facts->heldUntil === null ? '' : LocalTime::clock($facts->heldUntil, $facts->business),
            'by' => self::answerBy($facts),
        ]);

        return $this->hello($facts->isProven ? $facts->contact['name'] ?? '' : '').",\n\n{$text}";
    }

    /** @param  int  $more beside the first */
    private function toHouse(string $occasion, BookingFacts $facts, int $more): string
    {
        return $this->catalogue->say("mail.house.{$occasion}", [
            'who' => $facts->contact['name'] ?? '',
            'when' => LocalTime::written($facts->start, $facts->business),
            'more' => $more,
            'by' => self::answerBy($facts),
        ]);
    }

    /** "none", where it waits for no answer */
    private static function answerBy(BookingFacts $facts): Sentence|string
    {
        return $facts->answerBy === null ? 'none' : LocalTime::written($facts->answerBy, $facts->business);
    }

    private function hello(string $name): string
    {
        return $name === ''
            ? $this->catalogue->say('mail.hello_nobody')
            : $this->catalogue->say('mail.hello', ['name' => $name]);
    }

    /**
     * Where it came to nothing, the way to another time.
     *
     * @param  non-empty-list<Booking>  $bookings
     */
    private function again(Occasion $occasion, Booking $booking, array $bookings): string
    {
        if (! in_array($occasion, self::CAME_TO_NOTHING, true)) {
            return '';
        }
        $business = $booking->business;
        $parts = $booking->visit_id === null ? [$booking] : $bookings;
        $link = config()->string('app.url').$this->bookAgain->mailedPath($business, $parts);

        return "{$this->catalogue->say('mail.link.again')}\n{$link}";
    }

    /** Whose mail it is, and how they are reached. */
    private function reach(Business $business): string
    {
        return implode("\n", array_filter([$business->name, $business->phone, $business->email]));
    }

    private function link(Occasion $occasion, Booking $booking): string
    {
        $before = match (true) {
            $occasion === Occasion::Prove => 'mail.link.book',
            $occasion === Occasion::PayLink => 'mail.link.pay',
            in_array($occasion, self::LINKED, true) => 'mail.link.see',
            default => null,
        };

        return $before === null ? '' : "{$this->catalogue->say($before)}\n{$this->links->mailed($booking)}";
    }
}
