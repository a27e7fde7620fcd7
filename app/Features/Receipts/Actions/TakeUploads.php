<?php

declare(strict_types=1);

namespace App\Features\Receipts\Actions;

use App\Features\Uploads\Actions\ReceiveUpload;
use App\Models\Person;
use Illuminate\Support\Facades\File;

/** Makes receipts of files that were sent: each for itself, so that one that is refused keeps none of the others out. */
final readonly class TakeUploads
{
    public function __construct(private ReceiveUpload $receive, private AddReceipt $add)
    {
    }

    /**
     * @param  list<string>  $uploads
     * @return array{int, list<string>} how many were taken, and why the others were not
     */
    public function handle(Person $sender, Person $owner, array $uploads): array
    {
        [$taken, $refusals] = [0, []];
        foreach ($uploads as $upload) {
            $place = storage_path('app/private/receipts/'.bin2hex(random_bytes(16)).'.part');
            try {
                $sent = $this->receive->handOver($sender, $upload, $place) ?? throw ReceiptRefused::because('lost');
                $this->add->handle($owner, (string) file_get_contents($place), $sent->name);
                $taken++;
            } catch (ReceiptRefused $refused) {
                $refusals[] = $refused->getMessage();
            } finally {
                File::delete($place);
            }
        }

        return [$taken, $refusals];
    }
}
