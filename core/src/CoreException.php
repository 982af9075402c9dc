<?php

declare(strict_types=1);

namespace YardBell\Core;

/** Every refusal of the core. Its message is a sentence a person can act on. */
interface CoreException extends \Throwable
{
}
