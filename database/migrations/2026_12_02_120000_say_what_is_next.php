<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class extends Migration
{
    public function up(): void
    {
        Schema::table('shoots', function (Blueprint $table): void {
            // For the list of shoots: the stage that is open first, and the camera whose frame stands for the shoot.
            $table->string('next', 12)->default('');
            $table->string('camera', 64)->default('');
        });
    }

    public function down(): void
    {
        Schema::dropColumns('shoots', ['next', 'camera']);
    }
};
