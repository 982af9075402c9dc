<?php

declare(strict_types=1);

namespace App\Changes;

use App\Support\Given;

/** A kind of thing some of whose fields must go together. */
interface ChecksTogether
{
    /**
     * @param  Given  $given whose single fields have passed the rules
     * @return array<string, string> a sentence by field; empty if all is well
     */
    public function together(Given $given): array;
}
