<div class="frame"><hr></div>
