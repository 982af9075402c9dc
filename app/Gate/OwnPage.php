<?php

declare(strict_types=1);

namespace App\Gate;

use App\Facts\BookAgainLink;
use App\Facts\WholeVisit;
use App\Models\Booking;
use App\Models\Business;
use App\Models\Client;
use App\Models\Document;
use App\Models\Member;
use App\Models\PaymentState;
use App\Models\Sale;
use App\Support\ClientLink;
use App\Support\Clock;
use App\Support\OwnPageLink;
use Illuminate\Database\Eloquent\Collection;
use YardBell\Core\Booking\State;

/** All of a client's visits at one business, passed and to come, with their receipts and invoices. */
final readonly class OwnPage
{
    /** Rows of each list; what is older is asked for at the desk. */
    private const MOST = 50;

    public function __construct(
        private ClientLink $links,
        private OwnPageLink $own,
        private BookAgainLink $bookAgain,
        private Clock $clock,
    ) {
    }

    /** @return array<string, mixed> */
    public function of(Business $business, Client $client): array
    {
        $bookings = Booking::query()
            ->where('business_id', $business->id)
            ->where('client_id', $client->id)
            ->whereNotIn('state', [State::Held, State::Expired])
            ->orderByDesc('starts_at')
            ->limit(2 * self::MOST)
            ->with('staff', 'location')
            ->get();
        [$coming, $passed] = [[], []];
        foreach (self::visits($bookings) as $parts) {
            if ($this->isToCome($parts)) {
                array_unshift($coming, $this->visit($business, $parts));
            } else {
                $passed[] = $this->visit($business, $parts);
            }
        }

        return [
            'name' => $client->name,
            'book' => $bookings->isEmpty()
                ? "/book/{$business->slug}"
                : $this->bookAgain->another($business, $bookings->firstOrFail()),
            'coming' => $coming,
            'passed' => array_slice($passed, 0, self::MOST),
            'documents' => $this->documents($client),
        ];
    }

    /**
     * @param  Collection<int, Booking>  $bookings the latest first
     * @return list<non-empty-list<Booking>> what belongs to one visit together, in order of time
     */
    private static function visits(Collection $bookings): array
    {
        $visits = [];
        foreach ($bookings as $booking) {
            $visit = $booking->visit_id ?? $booking->id;
            $visits[$visit] = [$booking, ...$visits[$visit] ?? []];
        }

        return array_values($visits);
    }

    /** @param  non-empty-list<Booking>  $parts */
    private function isToCome(array $parts): bool
    {
        foreach ($parts as $part) {
            if ($part->state->holdsTime(null, 0) && $part->endsAt() > $this->clock->now()) {
                return true;
            }
        }

        return false;
    }

    /**
     * @param  non-empty-list<Booking>  $parts in order of time
     * @return array<string, mixed>
     */
    private function visit(Business $business, array $parts): array
    {
        $standing = WholeVisit::standing($parts);
        [$first] = $standing;
        $staff = array_merge(...array_map(
            static fn (Booking $part): array => $part->staff
                ->map(static fn (Member $member): string => $member->name)
                ->all(),
            $standing,
        ));

        return [
            'id' => $first->id,
            'services' => array_map(static fn (Booking $part): string => $part->service_name, $standing),
            'start' => $first->starts_at->format('Y-m-d\TH:i\Z'),
            'staff' => array_values(array_unique($staff)),
            'location' => $first->location->name ?? '',
            'state' => $first->state->value,
            'link' => $this->links->mailed($first),
            'again' => $this->bookAgain->mailedPath($business, $standing),
        ];
    }

    /** @return list<array<string, mixed>> the latest first */
    private function documents(Client $client): array
    {
        $query = $this->own->query($client);
        $sales = Sale::query()
            ->where('business_id', $client->business_id)
            ->where('client_id', $client->id)
            ->with('payments', 'documents')
            ->orderByDesc('created_at')
            ->limit(self::MOST)
            ->get();
        $papers = [];
        foreach ($sales as $sale) {
            $paid = $sale->payments->where('state', PaymentState::Paid)->sum('amount');
            if ($paid > 0) {
                $papers[] = [
                    'kind' => 'receipt',
                    'number' => '',
                    'at' => $sale->created_at->format('Y-m-d\TH:i\Z'),
                    'amount' => $paid,
                    'link' => "/c/{$client->id}/receipts/{$sale->id}?{$query}",
                ];
            }
            foreach ($sale->documents as $document) {
                $papers[] = self::paper($client, $document, $query);
            }
        }

        return $papers;
    }

    /** @return array<string, mixed> */
    private static function paper(Client $client, Document $document, string $query): array
    {
        return [
            'kind' => $document->kind === 'credit' ? 'credit_note' : 'invoice',
            'number' => $document->written(),
            'at' => $document->at->format('Y-m-d\TH:i\Z'),
            'amount' => $document->content['total'] ?? 0,
            'link' => "/c/{$client->id}/documents/{$document->id}?{$query}",
        ];
    }
}
