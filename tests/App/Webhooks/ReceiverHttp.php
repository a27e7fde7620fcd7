<?php

declare(strict_types=1);

namespace Tests\App\Webhooks;

use App\Support\Network\OutsideAnswer;
use App\Support\Network\OutsideHttp;
use App\Support\Network\OutsideUnreachable;
use Carbon\CarbonImmutable;
use Simulated\Receiver\Receiver;

/** The network of a test: at every address the simulated receiver, if it is there. */
final class ReceiverHttp implements OutsideHttp
{
    public bool $isThere = true;

    /** The message arrives, and its answer is lost. */
    public bool $losesAnswers = false;

    /** @var list<int> numbers of messages in the order in which they were sent */
    public array $sent = [];

    public function __construct(public Receiver $receiver)
    {
    }

    public function ask(string $method, string $address, array $headers = [], string $body = '', int $longest = 1_048_576): OutsideAnswer
    {
        $this->sent[] = (int) ($headers['Moss-Message'] ?? '0');
        if (! $this->isThere) {
            throw OutsideUnreachable::because(OutsideUnreachable::UNREACHABLE);
        }
        $reply = $this->receiver->answer($method, (string) parse_url($address, PHP_URL_PATH), $body, $headers['Moss-Signature'] ?? '', (int) CarbonImmutable::now()->getTimestamp());
        if ($this->losesAnswers) {
            throw OutsideUnreachable::because(OutsideUnreachable::UNREACHABLE);
        }

        return new OutsideAnswer($reply->status, $reply->body, array_change_key_case($reply->headers));
    }
}
