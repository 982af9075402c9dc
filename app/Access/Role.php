<?php

declare(strict_types=1);

namespace App\Access;

use App\Language\Sentence;

/** The roles of people who sign in. Whoever is booked and does not is visiting, and has none of these. */
enum Role: string
{
    case Owner = 'owner';
    case Manager = 'manager';
    case Desk = 'desk';
    case Staff = 'staff';
    case Bookkeeper = 'bookkeeper';

    private const AT_THE_DESK = [
        Act::SeeOwnDay,
        Act::SeeBoard,
        Act::ChangeBookings,
        Act::MarkVisits,
        Act::SeeSetup,
        Act::SeeSales,
        Act::TakeMoney,
    ];

    /** Sees all and changes nothing. */
    private const AT_THE_BOOKS = [
        Act::SeeOwnDay,
        Act::SeeBoard,
        Act::SeeSetup,
        Act::SeePay,
        Act::SeeSales,
        Act::SeeLedger,
    ];

    public function may(Act $act): bool
    {
        return match ($this) {
            self::Owner, self::Manager => true,
            self::Desk => in_array($act, self::AT_THE_DESK, true),
            self::Staff => in_array(
                $act,
                [Act::SeeOwnDay, Act::MarkVisits, Act::SeeSetup, Act::ChangeOwnHours],
                true,
            ), // own hours: where their person says so
            self::Bookkeeper => in_array($act, self::AT_THE_BOOKS, true),
        };
    }

    /** A manager does everything but make, change or remove owners. */
    public function mayManage(self $other): bool
    {
        return $this === self::Owner || ($this === self::Manager && $other !== self::Owner);
    }

    /** What it may do, in a sentence. */
    public function does(): Sentence
    {
        return new Sentence("role.does.{$this->value}");
    }
}
