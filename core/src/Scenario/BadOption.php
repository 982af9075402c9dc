<?php

declare(strict_types=1);

namespace YardBell\Core\Scenario;

use DomainException;
use YardBell\Core\CoreException;

/** An option of a command that is refused. */
final class BadOption extends DomainException implements CoreException
{
    public static function named(string $option, string $sentence): self
    {
        return new self("--{$option}: {$sentence}");
    }

    public static function usage(string $usage): self
    {
        return new self($usage);
    }
}
