<?php

declare(strict_types=1);

namespace App\Access;

use App\Language\Sentence;

/** What somebody who signs in may do, as far as roles tell people apart. The value is what routes name. */
enum Act: string
{
    case SeeOwnDay = 'see-own-day';
    case SeeBoard = 'see-board';
    case ChangeBookings = 'change-bookings';
    /** Leave hours, grids and limits out on purpose (rules.md T18). */
    case BookOutside = 'book-outside';
    /** Say how far a visit is: of others only where the Board is seen. */
    case MarkVisits = 'mark-visits';
    case SeeSetup = 'see-setup';
    case SeePay = 'see-pay';
    case ChangeOwnHours = 'change-own-hours';
    /** Sales, what was paid for them, a day's close. */
    case SeeSales = 'see-sales';
    case TakeMoney = 'take-money';
    /** Tax, payouts, what all staff are paid. */
    case SeeLedger = 'see-ledger';
    case ChangeSetup = 'change-setup';
    /** Say when sessions are, change and cancel them. */
    case ScheduleSessions = 'schedule-sessions';
    case ManageSignIns = 'manage-sign-ins';
    case Publish = 'publish';

    public function refusal(): Sentence
    {
        return new Sentence("refusal.role.{$this->value}");
    }
}
