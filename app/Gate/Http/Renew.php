<?php

declare(strict_types=1);

namespace App\Gate\Http;

use App\Gate\LinkedBooking;
use App\Gate\LinkedClient;
use App\Language\Catalogue;
use App\Messages\WriteToClient;
use App\Models\Booking;
use Illuminate\Contracts\View\View;
use Illuminate\Http\Request;

/** A new link is mailed to whom the old one belonged: to nobody else, so whoever holds the old one learns nothing. */
final readonly class Renew
{
    public function __construct(
        private LinkedBooking $booking,
        private LinkedClient $client,
        private WriteToClient $write,
        private Catalogue $catalogue,
    ) {
    }

    public function booking(Request $request, string $id): View
    {
        $this->write->link($this->booking->findOld($request, $id));

        return $this->sent();
    }

    public function ownPage(Request $request, string $id): View
    {
        $client = $this->client->findOld($request, $id);
        $latest = Booking::query()
            ->where('business_id', $client->business_id)
            ->where('client_id', $client->id)
            ->latest('starts_at')
            ->first();
        if ($latest !== null && $client->email !== null) {
            $this->write->ownPage($latest, $client->email);
        }

        return $this->sent();
    }

    private function sent(): View
    {
        return view('refusal', [
            'heading' => $this->catalogue->say('page.link.on_its_way'),
            'message' => $this->catalogue->say('page.link.mailed'),
        ]);
    }
}
