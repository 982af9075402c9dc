<?php

declare(strict_types=1);

namespace App\Gate\Http;

use App\Bookings\AttachmentFiles;
use App\Bookings\ClientChanges;
use App\Gate\LinkedBooking;
use App\Language\Sentence;
use App\Support\Refusal;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Http\UploadedFile;
use YardBell\Core\Booking\State;

/** A file for a question, while the time is held, or before it begins. */
final readonly class SendFile
{
    public function __construct(
        private AttachmentFiles $files,
        private ClientChanges $changes,
        private LinkedBooking $linked,
    ) {
    }

    public function __invoke(Request $request, string $id): JsonResponse
    {
        $booking = $this->linked->find($request, $id);
        if ($booking->state !== State::Held && ! $this->changes->mayChange($booking)) {
            throw new Refusal(new Sentence('refusal.held.files'), 409, 'not_held');
        }
        $file = $request->validate(
            ['file' => 'required|file|max:'.AttachmentFiles::LARGEST_KILOBYTES],
            ['file.*' => 'wrong.file.size'],
        )['file'];
        assert($file instanceof UploadedFile);
        $taken = $this->files->take($booking, $file);

        return new JsonResponse(['id' => $taken->id, 'name' => $taken->name], 201);
    }
}
