<?php

declare(strict_types=1);

namespace App\Board\Http;

use App\Http\Asker;
use App\Messages\MailQuota;
use App\Messages\WriteToClient;
use Illuminate\Database\ConnectionInterface;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;

/** A word to the client of a booking, by mail. */
final readonly class SendWord
{
    public function __construct(
        private ConnectionInterface $db,
        private WriteToClient $write,
        private MailQuota $quota,
    ) {
    }

    public function __invoke(Request $request, string $slug, string $id): JsonResponse
    {
        $business = Asker::business($request);
        $booking = $business->bookings()->findOrFail($id);
        $text = trim(
            $request->validate(
                ['text' => 'required|string|max:2000'],
                ['text.required' => 'wrong.word.required', 'text.max' => 'wrong.plain.too_long?max=:max'],
            )['text'],
        );
        $this->quota->checkWord($booking);
        $this->db->transaction(fn () => $this->write->word($booking, $text), attempts: 5);

        return new JsonResponse(['sent' => true]);
    }
}
