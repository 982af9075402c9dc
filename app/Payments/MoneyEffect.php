<?php

declare(strict_types=1);

namespace App\Payments;

use App\Language\Sentence;
use App\Models\Booking;
use App\Support\Refusal;
use YardBell\Core\Booking\State;

/**
 * What giving visits up, or taking that back, does to their money: the difference it makes in the book, so that what is
 * said before the press is what happens after it.
 */
final readonly class MoneyEffect
{
    /** @param  list<string>  $others what the sale is for besides: names of services */
    private function __construct(
        private MoneyState $before,
        private MoneyState $after,
        public string $currency,
        public GivingUp $giving,
        public array $others,
    ) {
    }

    /**
     * Does it, within the transaction.
     *
     * @param  non-empty-list<Booking>  $bookings
     * @param  callable(): void  $act
     */
    public static function of(array $bookings, GivingUp $giving, callable $act): self
    {
        $ids = array_map(static fn (Booking $one): string => $one->id, $bookings);
        $before = MoneyState::of($bookings);
        $act();
        $others = Booking::query()
            ->whereIn('sale_id', Booking::query()->whereIn('id', $ids)->select('sale_id'))
            ->whereNotIn('id', $ids)
            ->whereNotIn('state', State::NOT_TAKEN)
            ->orderBy('starts_at')
            ->pluck('service_name');

        return new self(
            before: $before,
            after: MoneyState::of($bookings),
            currency: $bookings[0]->currency,
            giving: $giving,
            others: array_values(array_filter($others->all(), is_string(...))),
        );
    }

    /** @throws Refusal where it is not what was shown before the press */
    public function mustBe(?string $seen): void
    {
        if ($seen !== null && $seen !== $this->seal()) {
            throw new Refusal(new Sentence('refusal.booking.money_otherwise'), 409, 'meanwhile');
        }
    }

    /** Tells this effect from any other. */
    public function seal(): string
    {
        $sums = static fn (MoneyState $state): array => [
            $state->owed, $state->paid, $state->back, $state->fees, $state->waived, $state->charging,
        ];

        return substr(hash('sha256', (string) json_encode([$sums($this->before), $sums($this->after)])), 0, 16);
    }

    /** What the terms cost, waived or not. */
    public function cost(): int
    {
        return max(0, $this->after->fees - $this->before->fees);
    }

    /** Whether money of the client's moves, or was to. */
    public function concernsClient(): bool
    {
        return $this->before != $this->after;
    }

    public function waived(): int
    {
        return max(0, $this->after->waived - $this->before->waived);
    }

    /** A fee that was owed before, and is no more. */
    public function dropped(): int
    {
        return max(0, $this->before->fees - $this->after->fees);
    }

    /** What of the fee a kept card is charged. */
    public function charge(): int
    {
        return max(0, $this->after->charging - $this->before->charging);
    }

    /** What of the fee is neither kept of what was paid nor charged. */
    public function feeDue(): int
    {
        $asked = $this->cost() - $this->waived();

        return $this->others === [] ? max(0, min($asked, $this->after->owed) - $this->charge()) : 0;
    }

    public function feeKept(): int
    {
        return max(0, $this->cost() - $this->waived() - $this->charge() - $this->feeDue());
    }

    /** @return array<string, int> what goes back by itself, by way of paying */
    public function goesBack(): array
    {
        $back = [];
        foreach ($this->after->back as $way => $amount) {
            $back[$way] = $amount - ($this->before->back[$way] ?? 0);
        }

        return array_filter($back, static fn (int $amount): bool => $amount > 0);
    }

    /** What somebody has to give back. */
    public function byHand(): int
    {
        return max(0, max(0, -$this->after->owed) - max(0, -$this->before->owed));
    }

    /** A charge that was on its way, and does not leave. */
    public function chargeStopped(): int
    {
        return max(0, $this->before->charging - $this->after->charging);
    }

    /** A refund that was on its way, and does not leave. */
    public function refundStopped(): int
    {
        return max(0, array_sum($this->before->back) - array_sum($this->after->back));
    }

    /** What went back before, and cannot be stopped any more. */
    public function gone(): int
    {
        return $this->giving === GivingUp::TakenBack
            ? min(array_sum($this->before->back), array_sum($this->after->back))
            : 0;
    }

    /** What a kept card was charged before. */
    public function charged(): int
    {
        return $this->before->charged;
    }

    /** What was paid and stays. */
    public function kept(): int
    {
        return $this->after->kept() - max(0, -$this->after->owed);
    }

    /** What is still to be paid of something other than a fee. */
    public function due(): int
    {
        return $this->others !== [] || $this->cost() === 0 ? max(0, $this->after->owed) : 0;
    }
}
