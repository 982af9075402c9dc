<?php

declare(strict_types=1);

namespace YardBell\Core\Price;

use function in_array;
use function preg_match;
use function preg_quote;
use function preg_replace;

/** P7: a code that makes a visit cheaper. */
final readonly class OfferCode
{
    /**
     * @param  int|Percent  $off an amount of the order, or a part of what it applies to
     * @param  list<string>|null  $services null: all
     * @param  int|null  $fromDay, $untilDay dates of the order, both included
     * @param  int  $minimum that what it applies to must come to
     * @param  array<string, int>  $usedBy uses so far by client
     * @param  bool  $includesExtras whether it is off add-ons and surcharges too
     * @param  bool  $combines whether it goes together with others that do
     */
    public function __construct(
        public string $id,
        public string $code,
        public int|Percent $off,
        public ?array $services = null,
        public ?int $fromDay = null,
        public ?int $untilDay = null,
        public int $minimum = 0,
        public ?int $uses = null,
        public int $used = 0,
        public ?int $usesPerClient = null,
        public array $usedBy = [],
        public bool $firstVisitOnly = false,
        public bool $includesExtras = false,
        public bool $combines = false,
    ) {
    }

    /** Trimmed, and without regard to capitals. */
    public static function isSame(string $one, string $other): bool
    {
        $one = self::trimmed($one);

        return preg_match('/\A'.preg_quote($one, '/').'\z/iu', self::trimmed($other)) === 1;
    }

    public function isFor(string $service): bool
    {
        return $this->services === null || in_array($service, $this->services, true);
    }

    /** @param  int|null  $day null: no order yet */
    public function holdsOn(?int $day): bool
    {
        return $day === null || ($day >= ($this->fromDay ?? $day) && $day <= ($this->untilDay ?? $day));
    }

    public function isUsedUp(): bool
    {
        return $this->uses !== null && $this->used >= $this->uses;
    }

    public function isUsedUpBy(?Client $client): bool
    {
        return $client !== null &&
            $this->usesPerClient !== null &&
            ($this->usedBy[$client->id] ?? 0) >= $this->usesPerClient;
    }

    private static function trimmed(string $code): string
    {
        return preg_replace('/\A[\s\p{Z}]+|[\s\p{Z}]+\z/u', '', $code) ?? $code;
    }
}
