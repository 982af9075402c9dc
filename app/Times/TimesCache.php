<?php

declare(strict_types=1);

namespace App\Times;

use App\Models\Business;
use Illuminate\Contracts\Cache\Repository;
use Illuminate\Contracts\Foundation\Application;

/**
 * The almanac as the Gate shows it, kept on this machine ready to be sent. It is true as long as all that it is
 * made of is the same: the set-up, what is taken around its dates, and the minute. So nothing has to be told that it
 * changed.
 */
final readonly class TimesCache
{
    /** Answers kept of one business. */
    private const PLACES = 128;

    /** After a minute another one is asked about. */
    private const SECONDS = 60;

    public function __construct(private Repository $cache, private RulesReader $rules, private Application $app)
    {
    }

    /**
     * @param  string  $question all that was asked
     * @return string|null JSON; null where none is kept that is still true
     */
    public function of(Business $business, string $question, int $now): ?string
    {
        $kept = $this->cache->get(self::key($business, $question));
        if (
            ! is_array($kept) ||
            $kept[0] !== [$question, $business->rules_version, $now] ||
            ! $kept[1] instanceof DiaryWindow ||
            ! is_string($kept[3]) ||
            $this->rules->checksum($business, $kept[1]) !== $kept[2]
        ) {
            return null;
        }

        return $kept[3];
    }

    /**
     * Once the answer is sent, since writing it down takes a tenth of its making.
     *
     * @param  DiaryRows  $taken all that was read for it
     */
    public function keep(Business $business, string $question, int $now, DiaryRows $taken, string $times): void
    {
        $of = [$question, $business->rules_version, $now];
        $kept = [$of, $taken->window, $taken->checksum(), $times];
        $this->app->terminating(
            fn (): bool => $this->cache->put(self::key($business, $question), $kept, self::SECONDS),
        );
    }

    /** One of a fixed number of places, so that little is kept whatever is asked: the last one there stays. */
    private static function key(Business $business, string $question): string
    {
        return "times-{$business->id}-".(crc32($question) % self::PLACES);
    }
}
