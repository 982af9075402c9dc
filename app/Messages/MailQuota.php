<?php

declare(strict_types=1);

namespace App\Messages;

use App\Language\Sentence;
use App\Limits\DurableCounts;
use App\Models\Booking;
use App\Models\Client;
use App\Models\Sale;
use App\Support\MailAddress;
use App\Support\Refusal;
use App\Support\TooMany;
use Illuminate\Container\Attributes\Config;

/**
 * How much mail goes in a day to addresses of which nobody has shown that they are theirs: to one of them, from one
 * network, and from a business that is not established.
 */
final readonly class MailQuota
{
    /** Links and invitations that nobody has asked to read, to one address. */
    private const TO_ONE = 5;

    /** Of those, from one account; and mails about bookings of a business that is not established. */
    private const BY_ONE = 30;

    private const DAY_SECONDS = 86_400;

    /**
     * @param  int  $aboutBookings to one address that is not proven
     * @param  int  $fromOne to all such addresses, for whoever comes from one network
     */
    public function __construct(
        private DurableCounts $counts,
        private Established $established,
        #[Config('yardbell.mails_to_one')] private int $aboutBookings,
        #[Config('yardbell.mails_from_one')] private int $fromOne,
    ) {
    }

    /**
     * Whether one more link may go to an address today; it counts.
     *
     * @param  string  $network Network::hash() of whoever asks for it
     */
    public function takes(string $address, string $network): bool
    {
        return $this->count([self::from($network) => $this->fromOne, self::link($address) => self::TO_ONE]);
    }

    /** @throws TooMany where the account has sent as many invitations as it may, or the address has had as many */
    public function invite(int $sender, string $address): void
    {
        $limits = ["mail-by {$sender}" => self::BY_ONE, self::link($address) => self::TO_ONE];
        foreach ($limits as $what => $most) {
            if ($this->counts->of($what) >= $most) {
                $seconds = $this->counts->wait($what);
                throw new TooMany(
                    new Sentence('refusal.account.too_many_invitations', [
                        'mostBy' => self::BY_ONE,
                        'mostTo' => self::TO_ONE,
                        'wait' => TooMany::wait($seconds),
                    ]),
                    $seconds,
                );
            }
        }
        $this->count($limits);
    }

    /** Whether one more mail about a booking or a sale may go to its client today; it counts. */
    public function takesOf(Booking|Sale $about): bool
    {
        return $this->count($this->limits($about));
    }

    /** Whether one would be taken; nothing is counted. */
    public function wouldTake(Booking|Sale $about): bool
    {
        $limits = $this->limits($about);
        foreach ($this->counts->ofEach(array_keys($limits)) as $what => $times) {
            if ($times >= $limits[$what]) {
                return false;
            }
        }

        return true;
    }

    /** @throws Refusal where the house may not write to the client in its own words, or not today */
    public function checkWord(Booking|Sale $about): void
    {
        if (! $this->mayWriteTo($about)) {
            throw new Refusal(
                new Sentence('refusal.mail.not_established', [
                    'days' => Established::DAYS,
                    'payments' => Established::PAYMENTS,
                    'clients' => Established::PROVEN_CLIENTS,
                ]),
                409,
                'not_established',
            );
        }
        $this->check($about);
    }

    /** @throws TooMany where no more goes to the client today */
    public function check(Booking|Sale $about): void
    {
        if (! $this->wouldTake($about)) {
            throw new TooMany(new Sentence('refusal.mail.enough_today'), self::DAY_SECONDS);
        }
    }

    /** Whether words of the house's own may go to its client: they wanted something of it, or it is established. */
    public function mayWriteTo(Booking|Sale $about): bool
    {
        return self::isWanted($about) || $this->established->is($about->business);
    }

    /** @return array<string, int> most by what is counted */
    private function limits(Booking|Sale $about): array
    {
        $address = MailAddress::normal($about->email()) ?? '';
        $visitor = $about instanceof Booking ? $about->visitor : null;

        return match (true) {
            self::isProven($about), $about->isPaidOnline() => [], // whoever has paid online is no stranger
            ! $this->mayWriteTo($about) => [
                "mail-by business {$about->business_id}" => self::BY_ONE,
                self::link($address) => self::TO_ONE,
            ],
            default => ['mail-about '.hash('sha256', $address) => $this->aboutBookings] +
                ($visitor === null ? [] : [self::from($visitor) => $this->fromOne]),
        };
    }

    private static function isProven(Booking|Sale $about): bool
    {
        return ($about instanceof Booking ? $about->proven_at : $about->client?->proven_at) !== null;
    }

    /** Whether its client booked by themselves once, or has opened a mail. */
    private static function isWanted(Booking|Sale $about): bool
    {
        return ($about instanceof Booking && $about->locale !== null) ||
            Client::query()
                ->where('business_id', $about->business_id)
                ->whereKey($about->client_id)
                ->whereNotNull('proven_at')
                ->exists() ||
            Booking::query()
                ->where('business_id', $about->business_id)
                ->where('client_id', $about->client_id)
                ->whereNotNull('client_id')
                ->whereNotNull('locale')
                ->exists();
    }

    /** @param  array<string, int>  $limits most by what is counted */
    private function count(array $limits): bool
    {
        $takes = true;
        foreach ($this->counts->addEach(array_keys($limits), self::DAY_SECONDS) as $what => $times) {
            $takes = $times <= $limits[$what] && $takes;
        }

        return $takes;
    }

    private static function link(string $address): string
    {
        return 'mail-to '.hash('sha256', $address);
    }

    private static function from(string $network): string
    {
        return "mail-from {$network}";
    }
}
