<?php

declare(strict_types=1);

namespace App\Messages;

use RuntimeException;

final class PostFailed extends RuntimeException
{
}
