<?php

declare(strict_types=1);

namespace App\Gate\Http;

use App\Gate\Published;
use App\Limits\Network;
use App\Messages\MailQuota;
use App\Messages\WriteToClient;
use App\Models\Booking;
use App\Models\Client;
use App\Support\Given;
use App\Support\MailAddress;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;

/** The link to one's own page is mailed to an address; whether it is known here is not said. */
final readonly class AskOwnLink
{
    public function __construct(
        private Published $published,
        private WriteToClient $write,
        private MailQuota $quota,
    ) {
    }

    public function __invoke(Request $request, string $slug): JsonResponse
    {
        $business = $this->published->page($slug);
        $email = Given::in($request->validate(
            ['email' => ['required', 'string', 'max:190', new MailAddress()]],
            ['email.required' => 'wrong.details.email_required'],
        ))->string('email');
        $address = MailAddress::normal($email) ?? mb_strtolower($email);
        $client = Client::query()->where('business_id', $business->id)->where('email', $address)->first();
        $booking = $client === null
            ? null
            : Booking::query()
                ->where('business_id', $business->id)
                ->where('client_id', $client->id)
                ->latest('starts_at')
                ->first();
        $network = Network::hash((string) $request->ip(), config()->string('app.key'));
        if ($booking !== null && $this->quota->takes($address, $network)) {
            $this->write->ownPage($booking, $address);
        }

        return new JsonResponse(['sent' => true]);
    }
}
