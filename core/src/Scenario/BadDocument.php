<?php

declare(strict_types=1);

namespace YardBell\Core\Scenario;

use DomainException;
use YardBell\Core\CoreException;

/** A document that is refused: every problem with its JSON pointer. */
final class BadDocument extends DomainException implements CoreException
{
    /** @param  non-empty-list<string>  $problems "/services/2/minutes: 0 is too small, at least 1 is needed." */
    private function __construct(public readonly array $problems)
    {
        parent::__construct(implode("\n", $problems));
    }

    /** @param  non-empty-list<string>  $problems */
    public static function because(array $problems): self
    {
        return new self($problems);
    }

    public static function tooLarge(int $bytes): self
    {
        return new self([
            '/: a document has at most '
            .intdiv(Reader::LARGEST, 1_000_000)
            .' MB, this one has '
            .intdiv($bytes, 1_000_000)
            .'.',
        ]);
    }

    public static function tooMany(int $most): self
    {
        return new self(["/: this document has more than {$most} objects or lists, which is more than can be read."]);
    }

    public static function notJson(string $why): self
    {
        return new self(["/: this is not a JSON document ({$why})."]);
    }
}
