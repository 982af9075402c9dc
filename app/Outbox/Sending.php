<?php

declare(strict_types=1);

namespace App\Outbox;

/** Whether something that was sent under a key may be sent under it again. What has failed always may. */
enum Sending
{
    /** Once: whoever asks for it again has it already. */
    case Once;

    /** Somebody presses a button: again, but not for a quick hand or an answer that was lost. */
    case ByHand;

    /** Something has happened once more. */
    case EachTime;
}
