<?php

declare(strict_types=1);

namespace App\Times;

use App\Models\Business;
use Illuminate\Contracts\Cache\Repository;
use YardBell\Core\Availability\RuleBook;

/**
 * Each business's rule book, kept on this machine between questions. The version of its rules, which a change of the
 * set-up replaces on the business's row within its own transaction, says whether what is kept is still true.
 */
final class RuleBooks
{
    /** @var array{int, string|null, RuleBook}|null the one that was asked for last: whose, in which version */
    private ?array $last = null;

    public function __construct(private readonly Repository $cache, private readonly ReadsSetup $setup)
    {
    }

    public function of(Business $business): RuleBook
    {
        if ($this->last === null || [$this->last[0], $this->last[1]] !== [$business->id, $business->rules_version]) {
            $this->last = [$business->id, $business->rules_version, $this->kept($business)];
        }

        return $this->last[2];
    }

    private function kept(Business $business): RuleBook
    {
        $key = "rules-{$business->id}";
        $kept = $this->cache->get($key);
        if (is_array($kept) && $kept[0] === $business->rules_version && $kept[1] instanceof RuleBook) {
            return $kept[1];
        }
        $book = $this->setup->book($business);
        $this->cache->forever($key, [$business->rules_version, $book]);

        return $book;
    }
}
