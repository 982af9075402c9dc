<?php

declare(strict_types=1);

namespace App\Access;

/** What somebody who signs in may do, as far as roles tell people apart. The value is what routes name. */
enum Act: string
{
    case SeeOwnDay = 'see-own-day';
    case SeeBoard = 'see-board';
    case ChangeBookings = 'change-bookings';
    case SeeSetup = 'see-setup';
    case ChangeOwnHours = 'change-own-hours';
    case ChangeSetup = 'change-setup';
    case ManageSignIns = 'manage-sign-ins';
    case Publish = 'publish';

    public function refusal(): string
    {
        return match ($this) {
            self::SeeOwnDay, self::SeeBoard => 'Your role does not see this part of the Board.',
            self::ChangeBookings => 'Your role may look at bookings, not change them.',
            self::SeeSetup => 'Your role does not see how the business is set up.',
            self::ChangeOwnHours => 'Your hours are set by an owner or a manager. Ask them for a change.',
            self::ChangeSetup => 'Your role may not change how the business is set up. An owner or a manager can.',
            self::ManageSignIns => 'Only an owner or a manager says who may sign in.',
            self::Publish => 'Only an owner or a manager shows the page or takes it down.',
        };
    }
}
