<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class extends Migration {
    public function up(): void
    {
        // Found from the diary, and found anew when the data version of the tank is another one.
        Schema::create('water_states', function (Blueprint $table): void {
            $table->foreignId('tank_id')->constrained()->cascadeOnDelete();
            $table->string('parameter', 32);
            $table->string('version', 32);
            $table->text('course');
            $table->primary(['tank_id', 'parameter']);
        });
    }

    public function down(): void
    {
        Schema::dropIfExists('water_states');
    }
};
