<?php

declare(strict_types=1);

namespace App\Accounts;

use App\Language\Sentence;
use App\Limits\DurableCounts;
use App\Support\TooMany;

/**
 * Wrong tries to sign in, counted by address and network, and by network: what one of them does shuts nobody else out.
 * A device that the account has signed in from is counted by itself. After a few, each has a longer wait before it.
 */
final readonly class SignInTries
{
    /** Wrong tries without a wait. */
    private const FREE = 5;

    /** The same, of everybody in one network. */
    private const FREE_OF_NETWORK = 30;

    private const FIRST_WAIT_SECONDS = 2;

    private const LONGEST_WAIT_SECONDS = 900;

    private const DAY_SECONDS = 86_400;

    public function __construct(private DurableCounts $counts)
    {
    }

    /** @throws TooMany while there is a wait */
    public function check(string $address, string $network, ?string $device): void
    {
        foreach (array_keys(self::free($address, $network, $device)) as $what) {
            $seconds = $this->counts->wait("wait {$what}");
            if ($seconds > 0) {
                throw new TooMany(
                    new Sentence('refusal.status.429', ['wait' => TooMany::wait($seconds)]),
                    $seconds,
                );
            }
        }
    }

    public function failed(string $address, string $network, ?string $device): void
    {
        foreach (self::free($address, $network, $device) as $what => $free) {
            $over = $this->counts->add($what, self::DAY_SECONDS) - $free;
            if ($over > 0) {
                $wait = self::FIRST_WAIT_SECONDS * 2 ** min(10, $over - 1);
                $this->counts->add("wait {$what}", min(self::LONGEST_WAIT_SECONDS, $wait));
            }
        }
    }

    /** It was they: what was tried before from there is forgotten, but not what their network tries of others. */
    public function succeeded(string $address, string $network, ?string $device): void
    {
        foreach ([self::pair($address, $network), ...$device === null ? [] : [self::device($device)]] as $what) {
            $this->counts->forget($what);
            $this->counts->forget("wait {$what}");
        }
    }

    /** @return array<string, int> how many wrong tries are free, by what is counted */
    private static function free(string $address, string $network, ?string $device): array
    {
        return $device === null
            ? [
                self::pair($address, $network) => self::FREE,
                "sign-in from {$network}" => self::FREE_OF_NETWORK,
            ]
            : [self::device($device) => self::FREE];
    }

    private static function pair(string $address, string $network): string
    {
        return "sign-in {$address} from {$network}";
    }

    private static function device(string $device): string
    {
        return "sign-in on {$device}";
    }
}
