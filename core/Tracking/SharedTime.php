<?php

declare(strict_types=1);

namespace Moss\Core\Tracking;

/** Time of one person on one task and day that another system keeps as one piece. */
final readonly class SharedTime
{
    /**
     * @param  int  $id  0 for one that is yet to be made there
     * @param  int  $there  minutes that the other system has
     * @param  int  $counted  minutes of it that are in what is entered here
     * @param  bool  $isAccepted  whether it belongs to what is entered; what is only pencilled does not
     * @param  bool  $isOurs  whether it was made there from here
     */
    public function __construct(public int $id, public int $there, public int $counted, public bool $isAccepted, public bool $isOurs)
    {
    }

    /** Accepted as the other system has it. */
    public function counted(): self
    {
        return new self($this->id, $this->there, $this->there, true, $this->isOurs);
    }

    public function accepted(): self
    {
        return new self($this->id, $this->there, $this->counted, true, $this->isOurs);
    }
}
