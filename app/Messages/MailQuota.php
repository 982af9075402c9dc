<?php

declare(strict_types=1);

namespace App\Messages;

use App\Language\Sentence;
use App\Support\TooMany;
use Illuminate\Cache\RateLimiter;

/** How many letters that nobody has asked to read may go to one address, and be sent by one account, in a day. */
final readonly class MailQuota
{
    private const TO_ONE = 5;

    private const BY_ONE = 30;

    private const DAY_SECONDS = 86_400;

    public function __construct(private RateLimiter $limiter)
    {
    }

    /** Whether one more may go to an address today; it counts. */
    public function takes(string $address): bool
    {
        return $this->limiter->attempt(
            'mail-to '.hash('sha256', $address),
            self::TO_ONE,
            static fn (): bool => true,
            self::DAY_SECONDS,
        ) !== false;
    }

    /** @throws TooMany where the account has sent as many as it may, or the address has had as many */
    public function count(int $sender, string $address): void
    {
        foreach (
            ["mail-by {$sender}" => self::BY_ONE, 'mail-to '.hash('sha256', $address) => self::TO_ONE] as $key => $most
        ) {
            if ($this->limiter->tooManyAttempts($key, $most)) {
                $seconds = $this->limiter->availableIn($key);
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
        $this->limiter->hit("mail-by {$sender}", self::DAY_SECONDS);
        $this->limiter->hit('mail-to '.hash('sha256', $address), self::DAY_SECONDS);
    }
}
