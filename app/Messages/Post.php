<?php

declare(strict_types=1);

namespace App\Messages;

/** Whatever carries mail. Sending a letter with the same key again changes nothing. */
interface Post
{
    /** @throws PostFailed */
    public function send(Letter $letter): void;
}
